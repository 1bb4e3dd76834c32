export { JarCutaway } from "./JarCutaway";
export { dishLook, LoadPicture } from "./LoadPicture";
export { ShelfJar } from "./ShelfJar";
