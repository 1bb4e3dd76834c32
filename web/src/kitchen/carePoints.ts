/** What a kitchen may look at besides; each is switched on by those who want to be asked. */
export const CARE_POINTS: readonly {
  readonly code: string;
  readonly text: string;
  readonly detail: string;
  /** Seen only once the lid is on, not before the jars go in. */
  readonly atTheLid?: true;
}[] = [
  { code: "rim-nicks", text: "Jar rims felt", detail: "a nick under a fingertip keeps a lid from sealing" },
  { code: "rim-vinegar", text: "Rims wiped with vinegar", detail: "where there was meat or fat" },
  { code: "water-vinegar", text: "Vinegar in the water", detail: "a splash, where the water is hard" },
  { code: "rim-oil", text: "Metal rim oiled", detail: "for a canner without a gasket, as its manual says" },
  {
    code: "glass-top",
    text: "Allowed on this glass top",
    detail: "by the makers of the canner and the stove",
  },
  { code: "lid-even", text: "Lid even", detail: "the same gap all round", atTheLid: true },
  {
    code: "clamps",
    text: "Clamps in opposite pairs",
    detail: "two at a time, never one after the other round",
    atTheLid: true,
  },
];
