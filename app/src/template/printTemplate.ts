import type { PaperId } from '@thimble/core/template/templatePages'
import { Asset } from 'expo-asset'
import { format } from 'date-fns'
import type { Piece } from '@thimble/contract'
import type { PiecePlan } from '@/plan/planPiece'
import { fontFiles } from '@/theme/fonts'

/** Makes the piece's true-size paper template and hands it to the browser as a file. */
export async function printTemplate(piece: Piece, plan: PiecePlan, paper: PaperId, now: Date): Promise<void> {
  // The printing parts are large and seldom wanted, so they come only when asked for.
  const [{ templatePages }, { templatePdf }] = await Promise.all([
    import('@thimble/core/template/templatePages'),
    import('./templatePdf'),
  ])
  const { design, write, placement } = plan
  const title = `${piece.name}, ${plan.rule.name.toLowerCase()}`
  const template = templatePages({
    title,
    lines: [
      `${design.name}. ${placement?.summary ?? ''}`,
      ...(placement?.distances.map((d) => `${d.name}: ${write(d.mm)}`) ?? []),
      `Made ${format(now, 'd MMM yyyy')} with Zealous Thimble`,
    ],
    design: { width: design.width, height: design.height },
    sizes: { width: write(design.width), height: write(design.height) },
    upIs: plan.rule.upIs,
    paper,
  })
  const font = await (await fetch(Asset.fromModule(fontFiles.Text).uri)).arrayBuffer()
  const bytes = await templatePdf(template, font, title)
  const url = URL.createObjectURL(new Blob([bytes as BlobPart], { type: 'application/pdf' }))
  const link = document.createElement('a')
  link.href = url
  const name = title.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '')
  link.download = `${name}-template.pdf`
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 60_000)
}
