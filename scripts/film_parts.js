// What films are written with: the vendor script bundles just this, minified, as vendor/film.js, and the page loads it
// only once a film is made.
export {
  AudioBufferSource, BufferTarget, CanvasSource, Mp4OutputFormat, Output, WebMOutputFormat, getFirstEncodableAudioCodec,
  getFirstEncodableVideoCodec,
} from "mediabunny";
export { GIFEncoder, applyPalette, quantize } from "gifenc";
export { Zip, ZipPassThrough } from "fflate";
