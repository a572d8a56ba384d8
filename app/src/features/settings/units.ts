export const units = [
  { id: 'mm', name: 'Millimetres' },
  { id: 'cm', name: 'Centimetres' },
  { id: 'in', name: 'Inches' },
]
