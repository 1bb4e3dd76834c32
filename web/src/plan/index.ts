export { FillingPage } from "./FillingPage";
export { PlanPlace } from "./PlanPlace";
export { PlansPlace } from "./PlansPlace";
export { PrepPage } from "./PrepPage";
export { ShoppingPage } from "./ShoppingPage";
export { TodaysDay } from "./TodaysDay";
