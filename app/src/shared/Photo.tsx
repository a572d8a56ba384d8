import { useEffect, useState } from 'react'
import { photoHere } from '@/workers/photoStore'

/** A photo by its id: from this device where it lies here, else from the server. */
export function Photo({ id, label, height }: { id: string; label: string; height: number }) {
  const [here, setHere] = useState<string | null | undefined>(undefined)
  useEffect(() => {
    let url: string | null = null
    let gone = false
    photoHere(id)
      .then((photo) => {
        if (gone) return
        url = photo && URL.createObjectURL(photo)
        setHere(url)
      })
      .catch(() => setHere(null))
    return () => {
      gone = true
      if (url) URL.revokeObjectURL(url)
    }
  }, [id])
  if (here === undefined) return null
  return (
    <img
      src={here ?? `/api/v1/photos/${id}`}
      alt={label}
      style={{ height, maxWidth: '100%', objectFit: 'cover', display: 'block', borderRadius: 4 }}
    />
  )
}
