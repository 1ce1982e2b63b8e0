/** What a map or weak map holds for a key, made when it is first asked for. */
export function remembered<K, V>(
  map: { get(key: K): V | undefined; set(key: K, value: V): unknown },
  key: K,
  make: () => V,
): V {
  let value = map.get(key);
  if (value === undefined) map.set(key, (value = make()));
  return value;
}
