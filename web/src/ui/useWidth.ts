import { onBeforeUnmount, onMounted, ref, useTemplateRef } from 'vue'

/** The width in pixels of the element with this template ref, kept up to date. */
export function useWidth(name: string, start = 800) {
  const element = useTemplateRef<HTMLElement>(name)
  const width = ref(start)
  let observer: ResizeObserver | undefined
  onMounted(() => {
    observer = new ResizeObserver(([entry]) => (width.value = entry.contentRect.width))
    if (element.value) observer.observe(element.value)
  })
  onBeforeUnmount(() => observer?.disconnect())
  return { width }
}
