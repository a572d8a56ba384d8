import fontkit from '@pdf-lib/fontkit'
import type { Template, TemplateInk } from '@thimble/core/template'
import { PDFDocument, type PDFFont, type PDFPage, rgb } from 'pdf-lib'

const POINTS_PER_MM = 72 / 25.4
const INK = rgb(0.12, 0.18, 0.22)

/** The pages of a template as a PDF whose millimetres are millimetres, its text in the program's own font. */
export async function templatePdf(
  { paper, pages }: Pick<Template, 'paper' | 'pages'>,
  font: ArrayBuffer,
  title: string,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create()
  pdf.registerFontkit(fontkit)
  pdf.setTitle(title)
  const face = await pdf.embedFont(font, { subset: true })
  for (const { ink } of pages) {
    const page = pdf.addPage([paper.width * POINTS_PER_MM, paper.height * POINTS_PER_MM])
    for (const mark of ink) draw(page, mark, face)
  }
  return pdf.save()
}

function draw(page: PDFPage, mark: TemplateInk, face: PDFFont): void {
  const at = ({ x, y }: { x: number; y: number }) => ({ x: x * POINTS_PER_MM, y: page.getHeight() - y * POINTS_PER_MM })
  if (mark.kind === 'line') {
    page.drawLine({
      start: at(mark.from),
      end: at(mark.to),
      thickness: mark.weight * POINTS_PER_MM,
      color: INK,
      ...(mark.dashed ? { dashArray: [4, 4] } : {}),
    })
  } else if (mark.kind === 'filled') {
    const path = mark.points
      .map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x * POINTS_PER_MM} ${p.y * POINTS_PER_MM}`)
      .join('')
    page.drawSvgPath(`${path}Z`, { x: 0, y: page.getHeight(), color: INK })
  } else {
    const size = mark.size * POINTS_PER_MM
    const wide = face.widthOfTextAtSize(mark.text, size)
    const { x, y } = at(mark.at)
    const shift = mark.anchor === 'start' ? 0 : mark.anchor === 'middle' ? wide / 2 : wide
    page.drawText(mark.text, { x: x - shift, y, size, font: face, color: INK })
  }
}
