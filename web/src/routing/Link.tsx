import { type AnchorHTMLAttributes, type MouseEvent, type Ref, useLayoutEffect } from "react";
import { useLocation } from "wouter";
import { addressOf, type Target } from "./routes";
import { leave } from "./scroll";
import { type How, useNavigate } from "./useNavigate";

export type LinkProps = Target &
  How &
  Omit<AnchorHTMLAttributes<HTMLAnchorElement>, "href"> & { readonly ref?: Ref<HTMLAnchorElement> };

/** What an anchor needs to be a link within the application. */
export function useLink(props: LinkProps) {
  const { to, params, search, hash, replace, resetScroll, onClick, ...rest } = props;
  const navigate = useNavigate();
  const where = { to, params, search, hash } as Target;
  return {
    ...rest,
    href: addressOf(where),
    onClick: (event: MouseEvent<HTMLAnchorElement>) => {
      onClick?.(event);
      // A click that asks for another tab, or for the link itself, is the browser's.
      const plain = event.button === 0 && !(event.ctrlKey || event.metaKey || event.altKey || event.shiftKey);
      if (plain && !event.defaultPrevented) {
        event.preventDefault();
        navigate({ ...where, replace, resetScroll });
      }
    },
  };
}

export function Link(props: LinkProps) {
  const { children, ...anchor } = useLink(props);
  return <a {...anchor}>{children}</a>;
}

/** Leads on to another address, which stands in place of this one. */
export function Redirect(target: Target) {
  const address = addressOf(target);
  const [, go] = useLocation();
  useLayoutEffect(
    () => go(address, { replace: true, state: leave(target.hash, true) }),
    [go, address, target.hash],
  );
  return null;
}

/** A link to a place that is marked while somebody is there, or at something within it. */
export function PlaceLink({
  activeClass,
  className,
  ...props
}: LinkProps & { readonly activeClass: string }) {
  const [path] = useLocation();
  const there = path === props.to || path.startsWith(`${props.to}/`);
  return (
    <Link
      {...(props as LinkProps)}
      className={`${className} ${there ? activeClass : ""}`}
      aria-current={there ? "page" : undefined}
    />
  );
}
