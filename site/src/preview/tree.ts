/** Words of the document as they come from the editor; they are built as nodes, never read as HTML. */
export interface Tree {
  kind: string;
  value?: string;
  says?: string;
  inside?: Tree[];
  entries?: Tree[];
}

const ELEMENTS: Record<string, string> = { strong: 'strong', emphasis: 'em', link: 'a' };

export function inside(nodes: Tree[]): Node[] {
  return nodes.map((node) => {
    if (node.kind === 'words') return document.createTextNode(node.value ?? '');
    if (node.kind === 'fact') return document.createTextNode(node.says ?? '');
    const element = document.createElement(ELEMENTS[node.kind] ?? 'span');
    if (node.kind === 'link') element.setAttribute('href', '#');
    element.append(...inside(node.inside ?? []));
    return element;
  });
}

/** Paragraphs and lists. */
export function blocks(tree: Tree[]): Node[] {
  return tree.map((block) => {
    if (block.kind === 'list') {
      const list = document.createElement('ul');
      for (const entry of block.entries ?? []) {
        const item = document.createElement('li');
        item.append(...inside(entry.inside ?? []));
        list.append(item);
      }
      return list;
    }
    const paragraph = document.createElement('p');
    paragraph.dir = 'auto';
    paragraph.append(...inside(block.inside ?? []));
    return paragraph;
  });
}

/** Lines with breaks between, as of a headline. */
export function lines(tree: Tree[]): Node[] {
  return tree.flatMap((block, index) => [
    ...(index ? [document.createElement('br')] : []),
    ...inside(block.inside ?? [])
  ]);
}
