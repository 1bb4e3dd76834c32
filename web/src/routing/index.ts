export { Link, type LinkProps, PlaceLink, Redirect, useLink } from "./Link";
export { Outlet, type RouteTable, usePath, useShown } from "./Outlet";
export { addressOf, type Pattern, type Target } from "./routes";
export { useScroll } from "./scroll";
export { useNavigate } from "./useNavigate";
