import { readShelfTable } from './seed';

const HEAD = 'id,name,hex,opacity,body,finish,density,pigments,maker,stockMl,sizeMl,price,note';

test('a row is a paint, empty cells are left out', () => {
  expect(
    readShelfTable(
      `${HEAD}\nwhite,"Titanium white, heavy body",#f7f6f2,opaque,heavy,satin,1.41,PW6,,900,1000,26,`,
    ),
  ).toEqual([
    {
      kind: 'paint',
      paint: {
        id: 'white',
        name: 'Titanium white, heavy body',
        hex: '#f7f6f2',
        opacity: 'opaque',
        body: 'heavy',
        finish: 'satin',
        densityGPerMl: 1.41,
        pigments: ['PW6'],
      },
      stockMl: 900,
      sizeMl: 1000,
      price: 26,
    },
  ]);
});

test('a fault is told by its row', () => {
  expect(() => readShelfTable(`${HEAD}\nwhite,White,white,opaque,heavy,satin,,,,,,,`)).toThrow(
    /row 2: \/paint\/hex must be a colour such as #d8a526; it is "white"/,
  );
});
