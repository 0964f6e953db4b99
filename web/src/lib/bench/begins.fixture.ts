// What the server's lists begin with, for tests of what is done to it.
import begins from '../../../../formats/src/main/resources/rampart/begins.json';
import type { Layer, PackFile } from '../api/client';
import { newId } from './edit';

export function plainPack(): PackFile {
  const { layers, ...rest } = structuredClone(begins.pack);
  return { ...rest, layers: layers.map((layer) => ({ ...layer, id: newId() })) } as unknown as PackFile;
}

export function newLayer(kind: Layer['kind']): Layer {
  return { ...begins.layers[kind], id: newId() } as unknown as Layer;
}
