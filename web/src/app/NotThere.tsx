import { Compass } from "lucide-react";
import { Empty, LinkButton, Place } from "@/kit";

export function NotThere() {
  return (
    <Place title="Nothing here">
      <Empty
        picture={<Compass size={56} />}
        title="There is no such page"
        action={
          <LinkButton to="/today" look="main">
            To Today
          </LinkButton>
        }
      >
        The address may be mistyped, or what it named is gone.
      </Empty>
    </Place>
  );
}
