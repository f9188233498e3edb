import { onBeforeUnmount, onMounted, ref, useTemplateRef, watch } from 'vue'

/** The width in pixels of the element with this template ref, kept up to date. */
export function useWidth(name: string, start = 800) {
  const element = useTemplateRef<HTMLElement>(name)
  const width = ref(start)
  let observer: ResizeObserver | undefined
  onMounted(() => {
    observer = new ResizeObserver(([entry]) => (width.value = entry.contentRect.width))
    // it may come and go while the screen stays
    watch(
      element,
      (now, before) => {
        if (before) observer!.unobserve(before)
        if (now) observer!.observe(now)
      },
      { immediate: true, flush: 'post' },
    )
  })
  onBeforeUnmount(() => observer?.disconnect())
  return { width }
}
