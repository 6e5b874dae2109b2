/** One measured figure beside its target. */
export const report = (what, figure, unit, target) =>
  console.log(
    `${what.padEnd(58)} ${figure.toFixed(figure < 10 ? 2 : 0).padStart(8)} ${unit.padEnd(6)} target ${target}`,
  );

export const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
