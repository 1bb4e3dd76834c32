import { createRootRoute, createRoute, createRouter, redirect } from "@tanstack/react-router";
import { KitchenPlace } from "@/kitchen";
import { BatchPage, LogbookPlace, OutsidePage } from "@/logbook";
import { FillingPage, PlanPlace, PlansPlace, PrepPage, ShoppingPage } from "@/plan";
import { PrintsPage } from "@/prints";
import { ImportPage, RecipePage, RecipesPlace } from "@/recipes";
import { SealsPage } from "@/seals";
import { LotPlace, ShelfPlace } from "@/shelf";
import { StovePlace } from "@/stove";
import { TablesPage } from "@/tables";
import { TodayPlace } from "@/today";
import { TracePage } from "@/trace";
import { NotThere } from "./NotThere";
import { Shell } from "./Shell";

const root = createRootRoute({ component: Shell, notFoundComponent: NotThere });
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
    return <LotPlace key={code} code={code} />;
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
  at("/today", TodayPlace),
  at("/recipes", RecipesPlace),
  at("/recipes/import", ImportPage),
  recipe,
  at("/plan", PlansPlace),
  ofPlan("/plan/$id", (id) => <PlanPlace key={id} id={id} />),
  ofPlan("/plan/$id/shopping", (id) => <ShoppingPage id={id} />),
  ofPlan("/plan/$id/prep", (id) => <PrepPage id={id} />),
  ofPlan("/plan/$id/filling", (id) => <FillingPage id={id} />),
  at("/stove", StovePlace),
  at("/shelf", ShelfPlace),
  lot,
  trace,
  prints,
  at("/logbook", LogbookPlace),
  at("/logbook/outside", OutsidePage),
  batch,
  at("/kitchen", KitchenPlace),
  at("/tables", TablesPage),
  seals,
]);

export const router = createRouter({ routeTree: routes, defaultPreload: false, scrollRestoration: true });

declare module "@tanstack/react-router" {
  interface Register {
    router: typeof router;
  }
}
