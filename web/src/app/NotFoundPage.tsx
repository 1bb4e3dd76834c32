import { Compass } from "lucide-react";
import { Empty, LinkButton, PageFrame } from "@/kit";

export function NotFoundPage() {
  return (
    <PageFrame title="Nothing here">
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
    </PageFrame>
  );
}
