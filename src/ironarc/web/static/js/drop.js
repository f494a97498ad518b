// A file dropped anywhere on a page is taken or refused in words, and never takes the page's place.

const MOST_BYTES = 64 * 1024 * 1024;
const PICTURE = /\.(png|jpe?g|webp)$/i, FILM = /\.(mp4|webm|m4v|mov)$/i;

const motionsOfPage = () => {
  const { motions, markers, meshes, motionWords, beside } = document.body.dataset;
  return { meshes: meshes.split(" "), endings: [...new Set(`${motions} ${markers}`.split(" "))], words: motionWords, beside: beside.split(" ") };
};
const endingOf = (name) => name.split(".").pop().toLowerCase();

// What files are: "motion" (or markers, which the server tells apart), "mesh", "reference", "weighing", or a sentence that
// says why they are none of these
// motions : endings of the formats that a motion can come in, these formats in words, and endings of files that can come
// along with one
export function kindOfFiles(files, motions = motionsOfPage()) {
  const names = files.map((file) => file.name), large = files.find((file) => file.size > MOST_BYTES);
  if (large) return { refused: `${large.name} is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.` };
  if (names.length === 1 && motions.meshes?.includes(endingOf(names[0]))) return { kind: "mesh" };
  const moving = names.filter((name) => motions.endings.includes(endingOf(name)));
  if (moving.length === 1 && names.every((name) => name === moving[0] || motions.beside.includes(endingOf(name)))) return { kind: "motion" };
  if (moving.length > 1) return { refused: `Bring in one motion at a time; ${moving.length} were dropped.` };
  if (names.length === 1 && /\.json$/i.test(names[0])) return { kind: "weighing" };
  if (names.every((name) => PICTURE.test(name)) || (names.length === 1 && FILM.test(names[0]))) return { kind: "reference" };
  const what = names.length === 1 ? names[0] : `These ${names.length} files`;
  return { refused: `${what} can't be brought in here. Drop one ${motions.words} motion, markers as C3D or CSV, an OBJ mesh, a picture, numbered pictures, one MP4 or WebM film, or a weighing as JSON.` };
}

// take(files) is called with what was dropped; show(on) while something is held over the page
export function letDrop({ take, show = () => {} }) {
  let inside = 0;
  const isFile = (event) => [...(event.dataTransfer?.types ?? [])].includes("Files");
  window.addEventListener("dragenter", (event) => { if (isFile(event)) { event.preventDefault(); inside += 1; show(true); } });
  window.addEventListener("dragleave", () => { inside = Math.max(inside - 1, 0); if (!inside) show(false); });
  window.addEventListener("dragover", (event) => event.preventDefault());
  window.addEventListener("drop", (event) => {
    event.preventDefault();
    inside = 0;
    show(false);
    if (event.dataTransfer?.files.length) take([...event.dataTransfer.files]);
  });
}
