// What the page says of answers that are lost, without a server.
import assert from "node:assert/strict";
import { afterEach, test } from "node:test";

import { comes, getJson, postForm, postJson } from "../../src/ironarc/web/static/js/api.js";

globalThis.document = { querySelector: () => ({ content: "token" }) };
const answering = (make) => { globalThis.fetch = async () => make(); };
const cut = () => { throw new TypeError("fetch failed"); };
afterEach(() => { delete globalThis.fetch; });

test("a change whose answer is cut off is not called undone: the page says to reload", async () => {
  answering(cut);
  await assert.rejects(postJson("/edits", {}), /isn't known whether this was kept. Reload/);
  await assert.rejects(postForm("/references", [], {}), /isn't known whether this was kept. Reload/);
  answering(() => new Response("<html>", { status: 502 }));
  await assert.rejects(postJson("/edits", {}), /isn't known whether this was kept/);
});

test("a question whose answer is cut off loses nothing", async () => {
  answering(cut);
  await assert.rejects(getJson("/scene.json"), /can't be reached. What was kept is safe/);
});

test("what the server says is what is shown, with its status", async () => {
  answering(() => Response.json({ error: "Bram is locked." }, { status: 422 }));
  await assert.rejects(postJson("/edits", {}), { message: "Bram is locked.", status: 422 });
  answering(() => new Response("too large", { status: 413 }));
  await assert.rejects(postForm("/references", [], {}), /larger than 64 MB/);
  answering(() => Response.json({ revision: 7 }));
  assert.deepEqual(await postJson("/edits", {}), { revision: 7 });
});

test("what came along with an answer is not asked for again, once, until another answer comes", async () => {
  const asked = [];
  globalThis.fetch = async (address) => { asked.push(address); return Response.json({ asked: address }); };
  comes({ "/r/7/scene": { fps: 24 }, "/r/7/reading": undefined });
  assert.deepEqual(await getJson("/r/7/scene"), { fps: 24 });
  assert.deepEqual(asked, []);
  await getJson("/r/7/scene");
  await getJson("/r/7/reading");
  assert.deepEqual(asked, ["/r/7/scene", "/r/7/reading"]);
  comes({ "/r/8/scene": { fps: 25 } });
  comes({});
  await getJson("/r/8/scene");
  assert.equal(asked.at(-1), "/r/8/scene");
});
