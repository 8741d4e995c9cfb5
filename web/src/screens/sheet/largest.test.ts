import { largest } from './largest';

test('is what trying every size from the top finds, in a few tries', () => {
  const sizes = Array.from({ length: 27 }, (_, n) => 19 - n / 4);
  for (const edge of [11, 12.5, 12.6, 14.24, 14.25, 17, 18.99, 19, 30]) {
    let tries = 0;
    const found = largest(12.5, 19, (px) => {
      tries += 1;
      return px <= edge;
    });
    expect(found).toBe(sizes.find((px) => px <= edge) ?? 12.5);
    expect(tries).toBeLessThan(6);
  }
});
