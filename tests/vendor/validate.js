// Prints the errors and warnings that the Khronos validator finds in a glTF file, as JSON.
const { readFileSync } = require("node:fs");
const { validateBytes } = require("./gltf_validator.js");

validateBytes(new Uint8Array(readFileSync(process.argv[2]))).then(
  ({ issues }) => console.log(JSON.stringify(issues.messages.filter(({ severity }) => severity < 2))),
  (error) => console.log(JSON.stringify([{ message: String(error) }])),
);
