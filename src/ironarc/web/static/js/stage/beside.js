// What the two halves of the stage show, where before and after stand side by side. Signs that belong to one view of the
// whole stage are hidden meanwhile.

export function createBesideWords(stage) {
  const words = document.createElement("div");
  words.className = "beside-words";
  words.hidden = true;
  words.append(document.createElement("span"), document.createElement("span"));
  stage.append(words);
  let drawn = "";
  return {
    // told : [left, right], or null for one view of the whole
    show(told) {
      const now = told?.join("|") ?? "";
      if (now === drawn) return;
      drawn = now;
      words.hidden = !told;
      stage.classList.toggle("is-beside", Boolean(told));
      told?.forEach((text, i) => { words.children[i].textContent = text; });
    },
  };
}
