import {
  createRootRoute,
  createRoute,
  createRouter,
  type RouteComponent,
  redirect,
} from "@tanstack/react-router";
import { PairedPage } from "@/access";
import { type PartId, partOf } from "@/plan";
import { type PracticePart, practicePart } from "@/practice";
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
import { Shell } from "./Shell";

const root = createRootRoute({ component: Shell, notFoundComponent: NotFoundPage });
const at = <P extends string>(path: P, component: RouteComponent) =>
  createRoute({ getParentRoute: () => root, path, component });

const home = createRoute({
  getParentRoute: () => root,
  path: "/",
  beforeLoad: () => {
    throw redirect({ to: "/today" });
  },
});
const recipe = createRoute({
  getParentRoute: () => root,
  path: "/recipes/$id",
  component: () => {
    const { id } = recipe.useParams();
    return <RecipePage key={id} id={id === "new" ? undefined : Number(id)} />;
  },
});
const plan = createRoute({
  getParentRoute: () => root,
  path: "/plan/$id",
  validateSearch: (search: Record<string, unknown>): { part?: PartId } =>
    search["part"] === undefined ? {} : { part: partOf(search["part"]) },
  component: () => {
    const { id } = plan.useParams();
    return <PlanPage key={id} id={Number(id)} part={partOf(plan.useSearch().part)} />;
  },
});
/** Parts of a plan had addresses of their own once; what was kept of them still leads there. */
const partOfPlan = (path: string, part: PartId) =>
  createRoute({
    getParentRoute: () => root,
    path: `/plan/$id/${path}`,
    beforeLoad: ({ params }) => {
      throw redirect({ to: "/plan/$id", params: { id: (params as { id: string }).id }, search: { part } });
    },
  });
const batch = createRoute({
  getParentRoute: () => root,
  path: "/logbook/$id",
  component: () => <BatchPage id={Number(batch.useParams().id)} />,
});
const lot = createRoute({
  getParentRoute: () => root,
  path: "/shelf/$code",
  component: () => {
    const { code } = lot.useParams();
    return <LotPage key={code} code={code} />;
  },
});
const trace = createRoute({
  getParentRoute: () => root,
  path: "/trace/$test",
  component: () => <TracePage test={Number(trace.useParams().test)} />,
});
const prints = createRoute({
  getParentRoute: () => root,
  path: "/prints",
  validateSearch: (search: Record<string, unknown>): { lot?: string } =>
    typeof search["lot"] === "string" ? { lot: search["lot"] } : {},
  component: () => <PrintsPage lot={prints.useSearch().lot} />,
});
const practice = createRoute({
  getParentRoute: () => root,
  path: "/practice",
  validateSearch: (search: Record<string, unknown>): { part?: PracticePart } =>
    search["part"] === undefined ? {} : { part: practicePart(search["part"]) },
  component: () => <PracticePage part={practicePart(practice.useSearch().part)} />,
});
const drill = createRoute({
  getParentRoute: () => root,
  path: "/practice/drills/$code",
  component: () => {
    const { code } = drill.useParams();
    return <DrillPage key={code} code={code} />;
  },
});
const seals = createRoute({
  getParentRoute: () => root,
  path: "/seals/$id",
  component: () => <SealsPage runId={Number(seals.useParams().id)} />,
});

const routes = root.addChildren([
  home,
  at("/today", TodayPage),
  at("/recipes", RecipesPage),
  at("/recipes/import", ImportPage),
  recipe,
  at("/plan", PlansPage),
  plan,
  partOfPlan("shopping", "shopping"),
  partOfPlan("prep", "prep"),
  partOfPlan("filling", "filling"),
  at("/stove", StovePage),
  at("/shelf", ShelfPage),
  lot,
  trace,
  prints,
  at("/logbook", LogbookPage),
  at("/logbook/outside", OutsidePage),
  batch,
  at("/kitchen", KitchenPage),
  at("/pair", PairedPage),
  practice,
  drill,
  at("/tables", TablesPage),
  seals,
]);

export const router = createRouter({ routeTree: routes, defaultPreload: false, scrollRestoration: true });

declare module "@tanstack/react-router" {
  interface Register {
    router: typeof router;
  }
}
