export { JarCutaway } from "./JarCutaway";
export { LoadPicture } from "./LoadPicture";
export { ShelfJar } from "./ShelfJar";
export { outline } from "./shape";
