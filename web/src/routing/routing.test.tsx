import { render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import {
  addressOf,
  Link,
  Outlet,
  PlaceLink,
  Redirect,
  type RouteTable,
  type Target,
  useScroll,
  useShown,
} from "@/routing";
import { PATTERNS } from "./routes";

test.each<[Target, string]>([
  [{ to: "/today" }, "/today"],
  [{ to: "/recipes/:id", params: { id: "new" } }, "/recipes/new"],
  [{ to: "/plan/:id", params: { id: "3" }, search: { part: "card" } }, "/plan/3?part=card"],
  [{ to: "/shelf/:code", params: { code: "26/11 A?#" } }, "/shelf/26%2F11%20A%3F%23"],
  [{ to: "/prints", search: { lot: "A&B" } }, "/prints?lot=A%26B"],
  [{ to: "/practice", search: {} }, "/practice"],
  [{ to: "/kitchen", hash: "cupboard" }, "/kitchen#cupboard"],
])("%o is at %s", (target, address) => {
  expect(addressOf(target)).toBe(address);
});

const TABLE = Object.fromEntries(
  PATTERNS.map((pattern) => [
    pattern,
    (params: object, search: URLSearchParams) => (
      <p>{[pattern, JSON.stringify(params), ...search.entries()].join(" ")}</p>
    ),
  ]),
) as unknown as RouteTable;

function Application() {
  const shown = useShown();
  useScroll(shown);
  return (
    <>
      <PlaceLink to="/shelf" className="place" activeClass="here">
        Shelf
      </PlaceLink>
      <Link to="/plan/:id" params={{ id: "3" }} search={{ part: "card" }} replace>
        Card
      </Link>
      <Link to="/today" resetScroll={false}>
        Part
      </Link>
      <Link to="/kitchen" hash="cupboard">
        Cupboard
      </Link>
      <main>
        <Outlet table={TABLE} shown={shown} otherwise={<p>nothing</p>} />
        <p id="cupboard" />
      </main>
    </>
  );
}

const scrolled: string[] = [];

beforeEach(() => {
  scrolled.length = 0;
  sessionStorage.clear();
  vi.spyOn(window, "scrollTo").mockImplementation(((_: number, top: number) => {
    scrolled.push(String(top));
  }) as typeof window.scrollTo);
  vi.spyOn(HTMLElement.prototype, "scrollIntoView").mockImplementation(function (this: HTMLElement) {
    scrolled.push(`#${this.id}`);
  });
});

afterEach(() => history.replaceState(null, "", "/"));

function open(address: string) {
  history.replaceState(null, "", address);
  render(<Application />);
  return userEvent.setup();
}

const shown = () => screen.getByRole("main").textContent;

test.each([
  ["/recipes/import", "/recipes/import {}"],
  ["/recipes/7/", '/recipes/:id {"id":"7"}'],
  ["/plan/3?part=card", '/plan/:id {"id":"3"} part,card'],
  ["/shelf/26%2F11%20A", '/shelf/:code {"code":"26/11 A"}'],
  ["/shelf/%E0%A4%A", "nothing"],
  ["/nowhere", "nothing"],
  ["/shelf/a/b", "nothing"],
])("%s shows %s", (address, page) => {
  open(address);
  expect(shown()).toBe(page);
});

test("a link goes there without asking the server, and a place is marked also within it", async () => {
  const user = open("/today");
  const place = screen.getByRole("link", { name: "Shelf" });
  expect(place.className).toBe("place ");
  await user.click(place);
  expect(shown()).toBe("/shelf {}");
  expect(place.getAttribute("aria-current")).toBe("page");
  history.pushState(null, "", "/shelf/26-A");
  await screen.findByText(/26-A/);
  expect(place.className).toBe("place here");
});

test("a place that is tapped again, or twice, goes to its top and leaves one way back", async () => {
  const user = open("/today");
  const before = history.length;
  await user.dblClick(screen.getByRole("link", { name: "Shelf" }));
  expect(history.length).toBe(before + 1);
  expect(scrolled.splice(0)).toEqual(["0", "0"]);
  history.back();
  await vi.waitFor(() => expect(shown()).toBe("/today {}"));
});

test("a redirect stands in place of the address it was come by", async () => {
  open("/logbook");
  const before = history.length;
  const { unmount } = render(<Redirect to="/plan/:id" params={{ id: "3" }} search={{ part: "card" }} />);
  await vi.waitFor(() => expect(shown()).toContain("part,card"));
  expect(history.length).toBe(before);
  unmount();
});

test.each(["{Control>}", "{Shift>}", "{Meta>}"])("a click with %s is the browser's", async (key) => {
  const user = open("/today");
  const asked = vi.fn((event: Event) => event.preventDefault());
  window.addEventListener("click", asked);
  await user.keyboard(key);
  await user.click(screen.getByRole("link", { name: "Shelf" }));
  window.removeEventListener("click", asked);
  expect(location.pathname).toBe("/today");
});

test("a page begins at its top, at the part that is meant, and where it stood when it is come back to", async () => {
  const user = open("/today");
  Object.defineProperty(window, "scrollY", { value: 640, configurable: true });
  await user.click(screen.getByRole("link", { name: "Shelf" }));
  expect(scrolled).toEqual(["0"]);
  await user.click(screen.getByRole("link", { name: "Cupboard" }));
  expect(scrolled.splice(0)).toEqual(["0", "#cupboard"]);
  await user.click(screen.getByRole("link", { name: "Part" }));
  expect(scrolled).toEqual([]);
  history.back();
  await vi.waitFor(() => expect(shown()).toBe("/kitchen {}"));
  expect(scrolled.splice(0)).toEqual(["640"]);
  Object.defineProperty(window, "scrollY", { value: 5, configurable: true });
  history.back();
  await vi.waitFor(() => expect(shown()).toBe("/shelf {}"));
  expect(scrolled).toEqual(["640"]);
});
