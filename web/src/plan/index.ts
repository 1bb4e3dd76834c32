export { FillingPage } from "./FillingPage";
export { PlanPage } from "./PlanPage";
export { PlansPage } from "./PlansPage";
export { PrepPage } from "./PrepPage";
export { ShoppingPage } from "./ShoppingPage";
export { TodaysDay } from "./TodaysDay";
