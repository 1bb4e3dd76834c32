export { TodayPlace } from "./TodayPlace";
