import { Snowflake } from "lucide-react";
import { Button, ProblemNote, useToast } from "@/kit";
import { useFreeze } from "./useFreezer";

interface Props {
  readonly title: string;
  readonly recipeId: number | undefined;
  readonly volumeMl: number;
  /** How many boxes; as many as it takes where it is not said. */
  readonly boxes?: number | undefined;
}

/** Puts so much of a dish into the freezer, and says so. */
export function FreezeButton({ title, recipeId, volumeMl, boxes }: Props) {
  const freeze = useFreeze();
  const toast = useToast();
  return (
    <>
      <Button
        look="quiet"
        size="small"
        className="px-2!"
        icon={<Snowflake size={18} />}
        // A second click of a double click is no second lot.
        disabled={freeze.isPending || freeze.isSuccess}
        onClick={() =>
          freeze.mutate(
            {
              title,
              volumeMl,
              ...(recipeId === undefined ? {} : { recipeId }),
              ...(boxes === undefined ? {} : { boxes }),
            },
            { onSuccess: () => toast({ text: "It stands in the freezer, on the shelf's page." }) },
          )
        }
      >
        {freeze.isSuccess ? "In the freezer" : "Freeze it"}
      </Button>
      <ProblemNote error={freeze.error} />
    </>
  );
}
