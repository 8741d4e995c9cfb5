const METRES_PER_INCH = 0.0254;

/**
 * A height as it is said, in metres: "178", "178 cm", "1.78", "1,78 m", "5 ft 11", "5'11\"", "71 in"; null where it makes
 * no sense or is outside 1.2 to 2.3 m.
 *
 * @example readHeight('5 ft 11')   // 1.8034
 */
export function readHeight(text: string): number | null {
  const said = text.trim().toLowerCase().replace(',', '.');
  const metric = /^(\d+(?:\.\d+)?)\s*(cm|m)?$/.exec(said);
  const imperial =
    /^(\d)\s*(?:ft|feet|foot|['’′])\s*(?:(\d{1,2}(?:\.\d+)?)\s*(?:in|inch|inches|["”″]|''|’’)?)?$/.exec(said);
  const inches = /^(\d{2}(?:\.\d+)?)\s*(?:in|inch|inches|["”″])$/.exec(said);
  const metres = metric
    ? Number(metric[1]) / (metric[2] === 'm' || (!metric[2] && Number(metric[1]) < 3) ? 1 : 100)
    : imperial
      ? (Number(imperial[1]) * 12 + Number(imperial[2] ?? 0)) * METRES_PER_INCH
      : inches
        ? Number(inches[1]) * METRES_PER_INCH
        : NaN;
  return metres >= 1.2 && metres <= 2.3 ? metres : null;
}
