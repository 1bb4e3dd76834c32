import { createRootRoute, createRoute, createRouter, redirect } from "@tanstack/react-router";
import { KitchenPage } from "@/kitchen";
import { BatchPage, LogbookPage, OutsidePage } from "@/logbook";
import { FillingPage, PlanPage, PlansPage, PrepPage, ShoppingPage } from "@/plan";
import { PrintsPage } from "@/prints";
import { ImportPage, RecipePage, RecipesPage } from "@/recipes";
import { SealsPage } from "@/seals";
import { LotPage, ShelfPage } from "@/shelf";
import { StovePage } from "@/stove";
import { TablesPage } from "@/tables";
import { TodayPage } from "@/today";
import { TracePage } from "@/trace";
import { NotFoundPage } from "./NotFoundPage";
import { Shell } from "./Shell";

const root = createRootRoute({ component: Shell, notFoundComponent: NotFoundPage });
const at = <P extends string>(path: P, component: () => React.ReactNode) =>
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
/** A page about one plan. */
const ofPlan = <P extends string>(path: P, page: (id: number) => React.ReactNode) => {
  const route = createRoute({
    getParentRoute: () => root,
    path,
    component: () => page(Number((route.useParams() as { id: string }).id)),
  });
  return route;
};
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
  ofPlan("/plan/$id", (id) => <PlanPage key={id} id={id} />),
  ofPlan("/plan/$id/shopping", (id) => <ShoppingPage id={id} />),
  ofPlan("/plan/$id/prep", (id) => <PrepPage id={id} />),
  ofPlan("/plan/$id/filling", (id) => <FillingPage id={id} />),
  at("/stove", StovePage),
  at("/shelf", ShelfPage),
  lot,
  trace,
  prints,
  at("/logbook", LogbookPage),
  at("/logbook/outside", OutsidePage),
  batch,
  at("/kitchen", KitchenPage),
  at("/tables", TablesPage),
  seals,
]);

export const router = createRouter({ routeTree: routes, defaultPreload: false, scrollRestoration: true });

declare module "@tanstack/react-router" {
  interface Register {
    router: typeof router;
  }
}
