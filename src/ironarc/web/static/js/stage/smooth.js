// Smooth edges for what stands still, where every sample costs: while things move the stage is drawn with one sample a
// pixel; once it has been quiet for a moment it is drawn again with several, into a buffer of its own.
const SAMPLES = 4, QUIET_MS = 140;

export function createSmooth(gl, again, clock = window) {
  let frame = null, color = null, depth = null, size = "", timer = 0;

  function bind(width, height) {
    if (!frame) [frame, color, depth] = [gl.createFramebuffer(), gl.createRenderbuffer(), gl.createRenderbuffer()];
    gl.bindFramebuffer(gl.FRAMEBUFFER, frame);
    if (size === `${width} ${height}`) return;
    size = `${width} ${height}`;
    for (const [buffer, format, at] of [[color, gl.RGBA8, gl.COLOR_ATTACHMENT0], [depth, gl.DEPTH_COMPONENT24, gl.DEPTH_ATTACHMENT]]) {
      gl.bindRenderbuffer(gl.RENDERBUFFER, buffer);
      gl.renderbufferStorageMultisample(gl.RENDERBUFFER, SAMPLES, format, width, height);
      gl.framebufferRenderbuffer(gl.FRAMEBUFFER, at, gl.RENDERBUFFER, buffer);
    }
    gl.bindRenderbuffer(gl.RENDERBUFFER, null);
  }

  return {
    // A drawing was made: `again` comes once nothing was drawn for a moment
    drawn() {
      clock.clearTimeout(timer);
      timer = clock.setTimeout(again, QUIET_MS);
    },
    // Draws with several samples what `draw` draws with one
    draw(draw) {
      const { drawingBufferWidth: w, drawingBufferHeight: h } = gl;
      bind(w, h);
      draw();
      gl.bindFramebuffer(gl.READ_FRAMEBUFFER, frame);
      gl.bindFramebuffer(gl.DRAW_FRAMEBUFFER, null);
      gl.blitFramebuffer(0, 0, w, h, 0, 0, w, h, gl.COLOR_BUFFER_BIT, gl.NEAREST);
      gl.bindFramebuffer(gl.FRAMEBUFFER, null);
    },
  };
}
