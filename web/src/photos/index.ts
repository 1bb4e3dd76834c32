export { PhotoButton } from "./PhotoButton";
export { Photos } from "./Photos";
export { usePhotos } from "./usePhotos";
