interface DimensionProps {
  x1: number;
  x2: number;
  y: number;
  text: string;
  colour?: string;
  size?: number;
}

/** A dimension line: |← 205 g →| from x1 to x2, its text in a gap of the line or above it. */
export function Dimension({ x1, x2, y, text, colour = "var(--ink)", size = 13 }: DimensionProps) {
  const room = x2 - x1;
  const wide = text.length * size * 0.56 + 10;
  const inside = room > wide + 24;
  const middle = (x1 + x2) / 2;
  return (
    <g stroke={colour} fill={colour}>
      <path d={`M${x1} ${y - 7}V${y + 7}M${x2} ${y - 7}V${y + 7}`} />
      {inside ? (
        <path d={`M${x1} ${y}H${middle - wide / 2}M${middle + wide / 2} ${y}H${x2}`} />
      ) : (
        room > 2 && <path d={`M${x1} ${y}H${x2}`} />
      )}
      {room > 16 && <path d={`M${x1} ${y}l8 -3.2v6.4zM${x2} ${y}l-8 -3.2v6.4z`} stroke="none" />}
      <text
        x={Math.max(middle, (wide - 10) / 2)}
        y={inside ? y + size * 0.36 : y - 12}
        textAnchor="middle"
        fontSize={size}
        fontWeight="700"
        stroke="none"
      >
        {text}
      </text>
    </g>
  );
}
