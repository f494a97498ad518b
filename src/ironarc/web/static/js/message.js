// What is said over the bench; a note goes by itself.

const NOTE_MS = 5000;

export function createMessage(box) {
  let noteTimer = 0;
  // note : said of something that went well; "stays" until it is closed
  return function say(message, note = false) {
    clearTimeout(noteTimer);
    if (note === true) noteTimer = setTimeout(() => say(""), NOTE_MS);
    box.replaceChildren();
    box.classList.toggle("hidden", !message);
    if (!message) return;
    const text = document.createElement("p");
    text.className = note ? "message is-note" : "message";
    text.textContent = message;
    const close = document.createElement("button");
    close.className = "message-close";
    close.type = "button";
    close.setAttribute("aria-label", "Close this message");
    close.textContent = "×";
    close.addEventListener("click", () => say(""));
    text.append(close);
    box.append(text);
  };
}
