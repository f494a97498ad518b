// A file dropped anywhere on a page is taken or refused in words, and never takes the page's place.

const MOST_BYTES = 64 * 1024 * 1024;
const PICTURE = /\.(png|jpe?g|webp)$/i, FILM = /\.(mp4|webm|m4v|mov)$/i;

const motionsOfPage = () => ({ endings: document.body.dataset.motions.split(" "), words: document.body.dataset.motionWords });

// What files are: "motion", "reference", "weighing", or a sentence that says why they are none of these
// motions : endings of the formats that a motion can come in, and these formats in words
export function kindOfFiles(files, motions = motionsOfPage()) {
  const names = files.map((file) => file.name), large = files.find((file) => file.size > MOST_BYTES);
  if (large) return { refused: `${large.name} is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.` };
  if (names.length === 1 && motions.endings.includes(names[0].split(".").pop().toLowerCase())) return { kind: "motion" };
  if (names.length === 1 && /\.json$/i.test(names[0])) return { kind: "weighing" };
  if (names.every((name) => PICTURE.test(name)) || (names.length === 1 && FILM.test(names[0]))) return { kind: "reference" };
  const what = names.length === 1 ? names[0] : `These ${names.length} files`;
  return { refused: `${what} can't be brought in here. Drop one ${motions.words} motion, a picture, numbered pictures, one MP4 or WebM film, or a weighing as JSON.` };
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
