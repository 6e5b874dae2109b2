/** Puts a plan into a studio; returns its id. */
export async function putPlan({ url }, plan) {
  const answer = await fetch(`${url}/api/plans`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ plan }),
  });
  if (!answer.ok) throw new Error(`the studio does not take the plan: ${await answer.text()}`);
  return (await answer.json()).id;
}
