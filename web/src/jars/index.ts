export { JarCutaway } from "./JarCutaway";
export { LoadPicture } from "./LoadPicture";
export { ShelfJar } from "./ShelfJar";
