import { defineStore } from 'pinia'
import { ref } from 'vue'
import { Unreachable, newId, upload } from '../api/client'
import { useBuild } from './build'
import { useClock } from './clock'
import { useShell } from './shell'

const RETRY_MS = 2000
/** No larger than the server keeps them. */
const LONGEST_PX = 2000
const QUALITY = 0.85

interface Kept {
  buildId: string
  form: FormData
  url: string
  taskKey: string
}

/**
 * Photos of the work. Each is made smaller here, and kept by the open page until the server has
 * it; a reload loses those that it has not.
 */
export const usePhotos = defineStore('photos', () => {
  const kept = ref<Kept[]>([])
  let sending = false

  async function take(buildId: string, taskKey: string, caption: string, file: File) {
    const small = await shrunk(file)
    const form = new FormData()
    form.append('id', newId())
    form.append('taskKey', taskKey)
    form.append('caption', caption)
    form.append('file', small, 'photo.jpg')
    kept.value.push({ buildId, form, taskKey, url: URL.createObjectURL(small) })
    await send()
  }
  async function send() {
    if (sending) return
    sending = true
    try {
      while (kept.value.length) {
        const next = kept.value[0]!
        await upload(`/api/builds/${encodeURIComponent(next.buildId)}/photos`, next.form)
        gone(next)
        await Promise.all([useClock().refresh(), useBuild().reload()]).catch(() => undefined)
      }
    } catch (problem) {
      if (problem instanceof Unreachable) setTimeout(send, RETRY_MS)
      else {
        gone(kept.value[0]!)
        useShell().say((problem as Error).message)
        if (kept.value.length) setTimeout(send, 0)
      }
    } finally {
      sending = false
    }
  }
  function gone(photo: Kept) {
    URL.revokeObjectURL(photo.url)
    kept.value = kept.value.filter((each) => each !== photo)
  }
  const of = (buildId: string, taskKey: string) =>
    kept.value.filter((each) => each.buildId === buildId && each.taskKey === taskKey)
  return { kept, take, of }
})

/** The same picture as a JPEG of at most 2,000 px; as it is where this browser can't read it. */
async function shrunk(file: File): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => null)
  if (!picture) return file
  const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(picture.width * scale)
  canvas.height = Math.round(picture.height * scale)
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  const small = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
  return small && small.size < file.size ? small : file
}
