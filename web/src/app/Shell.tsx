import { Search } from "lucide-react";
import { Fragment, Suspense, useCallback, useState } from "react";
import { AccessGate } from "@/access";
import { Spinner } from "@/kit";
import { useKitchen } from "@/kitchen";
import { useSendKeptEdits } from "@/plan";
import { goByZone, notation, writeAs } from "@/quantity";
import { Link, Outlet, PlaceLink, useScroll, useShown } from "@/routing";
import { Alarms } from "@/stove";
import { AwayStrip } from "./AwayStrip";
import { NotFoundPage } from "./NotFoundPage";
import { PageBoundary } from "./PageBoundary";
import { PartBoundary } from "./PartBoundary";
import { KeysList, Palette } from "./pages";
import { PLACES } from "./places";
import { Troubles } from "./Troubles";
import { TABLE } from "./table";
import { UpdateStrip } from "./UpdateStrip";
import { useFocusOnArrival } from "./useFocusOnArrival";
import { useShortcuts } from "./useShortcuts";
import { useTakeAlong } from "./useTakeAlong";

/** The rail with the places of the kitchen; a bar at the bottom where the screen is narrow. */
export function Shell() {
  return (
    <AccessGate>
      <Places />
    </AccessGate>
  );
}

function Places() {
  useSendKeptEdits();
  useTakeAlong();
  const shown = useShown();
  useFocusOnArrival(shown.split("?")[0]);
  useScroll(shown);
  const [open, setOpen] = useState<"search" | "keys" | undefined>();
  const onSearch = useCallback(() => setOpen("search"), []);
  const onList = useCallback(() => setOpen("keys"), []);
  const onClose = useCallback(() => setOpen(undefined), []);
  useShortcuts({ onSearch, onList });
  const kitchen = useKitchen();
  if (kitchen.data) {
    writeAs(kitchen.data);
    goByZone(kitchen.data.zone);
  }
  const { hours, dates, units } = notation();
  return (
    <div className="min-h-dvh md:pl-[5.5rem] print:pl-0">
      <a
        href="#page"
        className="sr-only z-30 rounded-field bg-paper px-5 py-3 font-bold text-primary focus:not-sr-only focus:fixed! focus:top-2 focus:left-2 focus:px-5! focus:py-3!"
      >
        Skip to the page
      </a>
      <nav
        aria-label="Places"
        className="fixed inset-x-0 bottom-0 z-10 bg-rail pb-[env(safe-area-inset-bottom)] md:inset-y-0 md:right-auto md:w-[5.5rem] md:overflow-y-auto md:pb-0"
      >
        <Link to="/today" aria-label="Mobrel, to Today" className="mx-auto hidden w-fit py-4 md:block">
          <img src="/mark.svg" alt="" width={46} height={46} />
        </Link>
        <ul className="flex justify-around md:flex-col md:gap-0.5 md:px-1.5 md:last:*:mt-auto">
          {PLACES.map(({ to, text, icon: Icon }) => (
            <li key={to} className="min-w-0 flex-1 md:flex-none">
              <PlaceLink
                to={to}
                className="flex min-h-16 flex-col items-center justify-center gap-1 rounded-field text-[0.72rem] font-semibold text-white/85 md:min-h-[3.9rem] md:text-[0.8rem]"
                activeClass="bg-white text-[#1e4c78] [&]:text-[#1e4c78]"
              >
                <Icon size={22} aria-hidden="true" />
                <span className="max-[22rem]:sr-only">{text}</span>
              </PlaceLink>
            </li>
          ))}
          <li className="hidden md:block">
            <button
              type="button"
              aria-keyshortcuts="Control+K /"
              className="flex w-full flex-col items-center justify-center gap-1 rounded-field text-[0.8rem] font-semibold text-white/85 md:min-h-[3.9rem]"
              onClick={onSearch}
            >
              <Search size={22} aria-hidden="true" />
              Search
            </button>
          </li>
        </ul>
      </nav>
      <main id="page" tabIndex={-1} className="pb-20 outline-none md:pb-0">
        {/* Pages that stand there when the kitchen changes how it writes are drawn anew. */}
        <Fragment key={`${hours} ${dates} ${units}`}>
          <Alarms />
          <AwayStrip />
          <Troubles />
          <UpdateStrip />
          <PageBoundary at={shown}>
            <Suspense fallback={<Spinner />}>
              <Outlet table={TABLE} shown={shown} otherwise={<NotFoundPage />} />
            </Suspense>
          </PageBoundary>
        </Fragment>
      </main>
      {open && (
        <PartBoundary onFailed={onClose}>
          <Suspense>
            {open === "search" ? <Palette onClose={onClose} /> : <KeysList onClose={onClose} />}
          </Suspense>
        </PartBoundary>
      )}
    </div>
  );
}
