/**
 * A lint rule: no text a person reads stands in a script or an expression of a template; it belongs into the messages.ts of its feature.
 * Bare text of templates is the business of vue/no-bare-strings-in-template.
 */

/** What the names of classes begin with. */
const CLASSES =
  'text|bg|border|rounded|p[xytblr]?|m[xytblr]?|w|h|min|max|gap|space|divide|grid|flex|items|justify|self|place|col|row|order|leading|font|tracking|size|inset|top|bottom|left|right|z|ring|outline|decoration|underline|opacity|overflow|shadow|translate|line|list|object|aspect|cursor|stroke|fill|whitespace|sr|align|basis|grow|shrink';

/** Classes, selectors, media queries, addresses, attribute lists: several words, and no sentence. */
const CODE_LIKE = [
  /[{}=;<>]|\b(?:var|minmax)\(/,
  /^\(?(min|max)-\w+:/,
  /^[/.#@]|^\w+:\/\//,
  /^[\w-]+\/[\w+.-]+$/,
  new RegExp(
    `(^|\\s)-?!?(?:[a-z]+(?:-[a-z]+)?:)*(?:(?:${CLASSES})-[\\w./[\\]()%-]+|flex|grid|block|inline|hidden|absolute|relative|fixed|sticky|grow|truncate|underline|rounded|border)!?(\\s|$)`,
  ),
  /^[\w-]+(?:, [\w[\]+-]+)+$/,
];

/** Names of keys, headers and fonts, which only look like words. */
const NAMES =
  /^(?:Arrow\w+|Enter|Escape|Tab|Space|Backspace|Delete|Home|End|Page(?:Up|Down)|F\d+|Digit\d|Content-Type|UTF-8|.*sans-serif|Error|\w+Error)$/;

/** Units are written alike in every language. */
const UNITS = /^(?:Wh|bar|in lbf|ft lbf|N m|Hz)$/;

export const looksLikeText = (text) => {
  const words = text.trim();
  if (!/[A-Za-z]{2}/.test(words) || NAMES.test(words) || UNITS.test(words)) return false;
  if (CODE_LIKE.some((each) => each.test(words))) return false;
  return (
    /^[A-Z][a-z’]+(?:-[a-z]+)?(?:[ ,.:;?!…]|$)/.test(words) ||
    /[A-Za-z’)]{2}[,.:;]? [a-z(“]/i.test(words) ||
    /[’…“]/.test(words)
  );
};

/** Where a text is for people who read code or logs, or is compared with data. */
const isForCode = (node) => {
  for (let at = node, up = node.parent; up; at = up, up = up.parent) {
    if (up.type === 'ThrowStatement' || up.type === 'ImportDeclaration' || up.type.startsWith('TS'))
      return true;
    if (up.type === 'NewExpression' && /Error$/.test(up.callee.name ?? '')) return true;
    if (up.type === 'CallExpression' && up.callee.type === 'Super') return true;
    if (
      up.type === 'CallExpression' &&
      /^(message|error|warn|matches|useMediaQuery)$/.test(up.callee.name ?? up.callee.property?.name)
    )
      return true;
    if (up.type === 'BinaryExpression' && /^[!=]=/.test(up.operator) && at.type === 'Literal') return true;
    if (up.type === 'Property' && up.key === at) return true;
    if (/Function|Program|Statement|Declaration$/.test(up.type)) return false;
  }
  return false;
};

/** Whether it is what a moustache shows, or a part of it: there a single small word is a text too. */
const isShown = (node) => {
  for (let at = node, up = node.parent; up; at = up, up = up.parent) {
    if (up.type === 'VExpressionContainer') return up.parent.type === 'VElement';
    const passed =
      (up.type === 'ConditionalExpression' && up.test !== at) ||
      (up.type === 'LogicalExpression' && up.right === at) ||
      (up.type === 'BinaryExpression' && up.operator === '+') ||
      up.type === 'TemplateLiteral';
    if (!passed) return false;
  }
  return false;
};
const CHOOSES = { ConditionalExpression: ['consequent', 'alternate'], LogicalExpression: ['left', 'right'] };
const fromMessages = (node) => {
  const of = node.type === 'CallExpression' ? node.callee : node;
  if (CHOOSES[node.type]) return CHOOSES[node.type].some((branch) => fromMessages(node[branch]));
  return of.type === 'MemberExpression' && of.object.type === 'Identifier' && of.object.name === 't';
};
/** Whether it stands in for a message: one branch of a choice whose other one is a message. */
const isInsteadOfMessage = (node) => {
  let at = node;
  while (CHOOSES[at.parent?.type]?.some((branch) => at.parent[branch] === at)) at = at.parent;
  return at !== node && fromMessages(at);
};
const ATTRIBUTES_OF_CODE =
  /^(?:class|style|id|for|type|role|is|href|src|d|points|transform|viewBox|data-.*)$/;

export const noLiteralText = {
  meta: {
    type: 'problem',
    schema: [],
    messages: { text: 'Put “{{text}}” into the messages.ts of this feature.' },
  },
  create(context) {
    const report = (node, text) => {
      const shown =
        (isShown(node) || isInsteadOfMessage(node)) &&
        /[A-Za-z]{2}/.test(text) &&
        !UNITS.test(text.trim()) &&
        !NAMES.test(text.trim());
      if (shown || (looksLikeText(text) && !isForCode(node)))
        context.report({ node, messageId: 'text', data: { text: text.trim().slice(0, 40) } });
    };
    const visitor = {
      Literal: (node) => typeof node.value === 'string' && report(node, node.value),
      TemplateLiteral: (node) => report(node, node.quasis.map((each) => each.value.cooked).join(' 0 ')),
    };
    const { defineTemplateBodyVisitor } = context.sourceCode.parserServices;
    const template = {
      ...visitor,
      VAttribute: (node) => {
        const text = node.directive ? '' : (node.value?.value ?? '');
        if (!ATTRIBUTES_OF_CODE.test(node.key.rawName ?? node.key.name) && looksLikeText(text))
          context.report({ node, messageId: 'text', data: { text } });
      },
    };
    return defineTemplateBodyVisitor ? defineTemplateBodyVisitor(template, visitor) : visitor;
  },
};
