import { configureStore } from '@reduxjs/toolkit'
import { useDispatch, useSelector } from 'react-redux'
import { documents } from './documents'

export const store = configureStore({
  reducer: { shelf: documents.reducer },
  middleware: (base) => base({ immutableCheck: false, serializableCheck: false }),
})
export type RootState = ReturnType<typeof store.getState>
export const useDocuments = <T>(pick: (state: RootState['shelf']) => T): T =>
  useSelector((state: RootState) => pick(state.shelf))
export const useSend = () => useDispatch<typeof store.dispatch>()
