import { magnetsOf, snap } from './snap';

const magnets = magnetsOf({ widthMm: 300, heightMm: 240 }, [
  [0, 0],
  [300, 240],
]);

test('near the middle, a third or a corner a place is drawn there, elsewhere it stays', () => {
  expect(snap([148, 30], magnets, 5)).toMatchObject({ atMm: [150, 30], to: [{ x: 150 }] });
  expect(snap([152, 118], magnets, 5).atMm).toEqual([150, 120]);
  expect(snap([103, 158], magnets, 5).atMm).toEqual([100, 160]);
  expect(snap([297, 238], magnets, 5)).toMatchObject({
    atMm: [300, 240],
    to: [{ name: 'a corner' }],
  });
  expect(snap([60, 60], magnets, 5)).toEqual({ atMm: [60, 60], to: [] });
});

test('of two places near the nearer draws, and a place before a line', () => {
  const two = [
    ...magnets,
    { name: 'move 2', atMm: [146, 118] as const },
    { name: 'move 3', atMm: [143, 118] as const },
  ];
  expect(snap([147, 118], two, 8).to[0]!.name).toBe('move 2');
});
