export { FreezeButton } from "./FreezeButton";
export { FreezerBoard } from "./FreezerBoard";
export { freezerQuery } from "./useFreezer";
