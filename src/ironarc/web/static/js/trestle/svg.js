// SVG by description: what is wanted is compared with what stands there, and only the difference is changed, so that
// what is looked at, hovered or focused stays the same node.

const NS = "http://www.w3.org/2000/svg";

// A node: its tag, its attributes, and what is in it (nodes, or a text). `key` tells it among its siblings
export function node(tag, attributes = {}, inside = [], key = null) {
  const children = typeof inside === "string" ? [] : inside.filter(Boolean);
  return { tag, attributes, children, text: typeof inside === "string" ? inside : "", key };
}

// What must be done to the nodes `had` so that they are those `wanted`: for each wanted one the place of the node
// that is kept for it, or null for a new one; and the places of those that go
export function matched(had, wanted) {
  const nameOf = ({ tag, key }, place) => (key === null ? `${tag}#${place}` : `${tag}:${key}`);
  const places = new Map(had.map((old, i) => [nameOf(old, i), i]));
  const kept = wanted.map((now, i) => {
    const name = nameOf(now, i), place = places.get(name);
    if (place === undefined) return null;
    places.delete(name);
    return place;
  });
  return { kept, gone: [...places.values()] };
}

function fill(element, now, before) {
  for (const [name, value] of Object.entries(now.attributes)) {
    if (before?.attributes[name] !== value) element.setAttribute(name, value);
  }
  for (const name of Object.keys(before?.attributes ?? {})) if (!(name in now.attributes)) element.removeAttribute(name);
  if (now.text) {
    if (before?.text !== now.text) element.textContent = now.text;
    return;
  }
  if (before?.text) element.textContent = "";
  patch(element, now.children);
}

const drawn = new WeakMap(); // element -> the nodes it was last filled with, and their elements

// Makes the element hold these nodes
export function patch(element, wanted) {
  const { nodes = [], elements = [] } = drawn.get(element) ?? {};
  const { kept, gone } = matched(nodes, wanted);
  for (const place of gone) elements[place].remove();
  const now = wanted.map((wish, i) => {
    const place = kept[i];
    const own = place === null ? element.ownerDocument.createElementNS(NS, wish.tag) : elements[place];
    fill(own, wish, place === null ? null : nodes[place]);
    return own;
  });
  now.forEach((own, i) => {
    const there = element.childNodes[i];
    if (there !== own) element.insertBefore(own, there ?? null);
  });
  drawn.set(element, { nodes: wanted, elements: now });
}
