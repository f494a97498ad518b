// Talking to the server. Every failure comes back as an Error with a sentence to show.

const token = () => document.querySelector('meta[name="csrf-token"]').content;

// An address that may be kept for ever: it names the revision, and the mark of the database and of the rules
// `query` : an object, or pairs where a name comes more than once
export function keptAddress({ shot, mark }, revision, name, query = {}) {
  const pairs = Array.isArray(query) ? query : Object.entries(query);
  return `/shots/${shot}/r/${revision}/${name}?${new URLSearchParams([...pairs, ["v", mark]])}`;
}

const UNKNOWN = "The connection was cut, so it isn't known whether this was kept. Reload the page to see the shot as it stands.";

async function answerOf(response, changes = false) {
  if (response.ok) return response;
  // a change may have been kept although its answer was lost
  let says = changes ? UNKNOWN : "The server did not answer as it should. Try again.";
  if (response.status === 413) says = "This is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.";
  try {
    says = (await response.json()).error ?? says;
  } catch { /* not JSON: the sentence above stands */ }
  const error = new Error(says);
  error.status = response.status;
  throw error;
}

async function ask(address, options) {
  try {
    return await fetch(address, options);
  } catch (error) {
    if (error.name === "AbortError") throw error;
    throw new Error(options.method === "POST" ? UNKNOWN : "The server can't be reached. What was kept is safe; start it again, then reload the page.");
  }
}

// What came along with an answer and will be asked for, by its address; it is given once
const came = new Map();
export function comes(byAddress) {
  came.clear(); // what nobody asked for was of a revision that is passed over
  for (const [address, told] of Object.entries(byAddress)) if (told) came.set(address, told);
}

export async function getJson(address, signal) {
  if (came.has(address)) {
    const told = came.get(address);
    came.delete(address);
    return told;
  }
  return (await answerOf(await ask(address, { signal }))).json();
}

export async function getBuffer(address, signal) {
  return (await answerOf(await ask(address, { signal }))).arrayBuffer();
}

export async function postJson(address, body) {
  const headers = { "Content-Type": "application/json", "X-CSRFToken": token() };
  return (await answerOf(await ask(address, { method: "POST", headers, body: JSON.stringify(body) }), true)).json();
}

// Plain bytes, a Blob or a typed array; the answer as it comes
export async function postBytes(address, body, signal) {
  const headers = { "Content-Type": "application/octet-stream", "X-CSRFToken": token(), Accept: "application/json" };
  return answerOf(await ask(address, { method: "POST", headers, body, signal }), true);
}

// Takes away what the server holds for a while; it goes by itself where this is lost
export async function drop(address) {
  await fetch(address, { method: "DELETE", headers: { "X-CSRFToken": token() }, keepalive: true }).catch(() => {});
}

// `files` go under the name "file"
export async function postForm(address, files, fields) {
  const body = new FormData();
  for (const file of files) body.append("file", file);
  for (const [name, value] of Object.entries(fields)) body.append(name, value);
  const headers = { "X-CSRFToken": token(), Accept: "application/json" };
  return (await answerOf(await ask(address, { method: "POST", headers, body }), true)).json();
}
