import { PairedPage } from "@/access";
import { isPart, partOf } from "@/plan";
import { practicePart } from "@/practice";
import { Redirect, type RouteTable } from "@/routing";
import { NotFoundPage } from "./NotFoundPage";
import {
  BatchPage,
  DrillPage,
  ImportPage,
  KitchenPage,
  LogbookPage,
  LotPage,
  OutsidePage,
  PlanPage,
  PlansPage,
  PracticePage,
  PrintsPage,
  RecipePage,
  RecipesPage,
  SealsPage,
  ShelfPage,
  StovePage,
  TablesPage,
  TodayPage,
  TracePage,
} from "./pages";

/** The page of each address. What is keyed by what it is about begins anew with another of its kind. */
export const TABLE: RouteTable = {
  "/": () => <Redirect to="/today" />,
  "/today": () => <TodayPage />,
  "/recipes": () => <RecipesPage />,
  "/recipes/import": () => <ImportPage />,
  "/recipes/:id": ({ id }) => <RecipePage key={id} id={id === "new" ? undefined : Number(id)} />,
  "/plan": () => <PlansPage />,
  "/plan/:id": ({ id }, search) => <PlanPage key={id} id={Number(id)} part={partOf(search.get("part"))} />,
  // Parts of a plan had addresses of their own once; what was kept of them still leads there.
  "/plan/:id/:part": ({ id, part }) =>
    isPart(part) ? <Redirect to="/plan/:id" params={{ id }} search={{ part }} /> : <NotFoundPage />,
  "/stove": () => <StovePage />,
  "/shelf": () => <ShelfPage />,
  "/shelf/:code": ({ code }) => <LotPage key={code} code={code} />,
  "/trace/:test": ({ test }) => <TracePage key={test} test={Number(test)} />,
  "/prints": (_, search) => <PrintsPage lot={search.get("lot") ?? undefined} />,
  "/logbook": () => <LogbookPage />,
  "/logbook/outside": () => <OutsidePage />,
  "/logbook/:id": ({ id }) => <BatchPage key={id} id={Number(id)} />,
  "/kitchen": () => <KitchenPage />,
  "/pair": () => <PairedPage />,
  "/practice": (_, search) => <PracticePage part={practicePart(search.get("part"))} />,
  "/practice/drills/:code": ({ code }) => <DrillPage key={code} code={code} />,
  "/tables": () => <TablesPage />,
  "/seals/:id": ({ id }) => <SealsPage key={id} runId={Number(id)} />,
};
