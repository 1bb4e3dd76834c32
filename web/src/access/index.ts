export { AccessGate } from "./AccessGate";
export { HomeNetworkCard } from "./HomeNetworkCard";
export { PairedPage } from "./PairPage";
export { PeopleCard } from "./PeopleCard";
export { SignedInCard } from "./SignedInCard";
export { useAccess } from "./useAccess";
export { useHomeNetwork } from "./useHomeNetwork";
