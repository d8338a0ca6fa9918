import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { ConfigProvider } from 'antd'
import { lazy, Suspense } from 'react'
import { BrowserRouter, Navigate, Route, Routes } from 'react-router'
import { Problem } from '../api/client'
import { tokens } from '../shared/tokens'
import { Shell } from './Shell'

const ClassesPage = lazy(() => import('../classes/ClassesPage'))
const ClassPage = lazy(() => import('../classes/ClassPage'))
const ChildPage = lazy(() => import('../classes/ChildPage'))
const EyePage = lazy(() => import('../figure/EyePage'))
const OpeningPage = lazy(() => import('../figure/OpeningPage'))
const KnowHowPage = lazy(() => import('../knowhow/KnowHowPage'))
const CupboardPage = lazy(() => import('../cupboard/CupboardPage'))
const StockTake = lazy(() => import('../cupboard/StockTake'))
const SpaceEditor = lazy(() => import('../spaces/SpaceEditor'))
const SetUpPage = lazy(() => import('../setup/SetUpPage'))
const TodayPage = lazy(() => import('../today/TodayPage'))
const FirstStepsPage = lazy(() => import('../firstrun/FirstStepsPage'))
const UnitsPage = lazy(() => import('../unit/UnitsPage'))
const NewUnitPage = lazy(() => import('../unit/NewUnitPage'))
const UnitPage = lazy(() => import('../unit/UnitPage'))
const LessonPage = lazy(() => import('../lesson/LessonPage'))
const YearPage = lazy(() => import('../year/YearPage'))
const ReportsPage = lazy(() => import('../reports/ReportsPage'))

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 15_000,
      retry: (count, error) =>
        !(error instanceof Problem && error.status > 0 && error.status < 500) && count < 1,
    },
  },
})

const theme = {
  token: {
    colorPrimary: tokens.evidence,
    colorInfo: tokens.evidence,
    colorLink: tokens.evidence,
    colorWarning: tokens.tape,
    colorError: '#9B2C1E',
    colorBgLayout: tokens.paper,
    colorBgContainer: tokens.panel,
    colorBgElevated: tokens.panel,
    colorText: tokens.ink,
    colorTextSecondary: tokens.mute,
    colorTextTertiary: tokens.mute,
    colorTextDescription: tokens.mute,
    colorTextPlaceholder: tokens.mute,
    colorBorder: '#BDB39D',
    colorBorderSecondary: tokens.line,
    borderRadius: 6,
    fontFamily: tokens.sans,
    fontSize: 14,
    controlHeight: 32,
    wireframe: false,
    // The rest of less motion is in base.css.
    motion: !window.matchMedia('(prefers-reduced-motion: reduce)').matches,
  },
  components: {
    Button: {
      colorPrimary: tokens.tape,
      colorPrimaryHover: '#8F380B',
      colorPrimaryActive: '#722C08',
      primaryShadow: 'none',
    },
    Table: { cellPaddingBlockSM: 6, headerBg: tokens.paper },
  },
}

export function Desk() {
  return (
    <ConfigProvider theme={theme}>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <Shell>
            <Suspense fallback={<p style={{ padding: 24 }}>Opening …</p>}>
              <Routes>
                <Route path="/" element={<Navigate to="/today" replace />} />
                <Route path="/classes" element={<ClassesPage />} />
                <Route path="/classes/:id" element={<ClassPage />} />
                <Route path="/children/:id" element={<ChildPage />} />
                <Route path="/units" element={<UnitsPage />} />
                <Route path="/units/new" element={<NewUnitPage />} />
                <Route path="/units/:id" element={<UnitPage />} />
                <Route path="/lessons/:id" element={<LessonPage />} />
                <Route path="/lessons/:id/opening" element={<OpeningPage />} />
                <Route path="/year" element={<YearPage />} />
                <Route path="/reports" element={<ReportsPage />} />
                <Route path="/eye" element={<EyePage />} />
                <Route path="/know-how" element={<KnowHowPage />} />
                <Route path="/cupboard" element={<CupboardPage />} />
                <Route path="/stock-take" element={<StockTake />} />
                <Route path="/spaces/:id" element={<SpaceEditor />} />
                <Route path="/today" element={<TodayPage />} />
                <Route path="/first-steps" element={<FirstStepsPage />} />
                <Route path="/first-run" element={<Navigate to="/first-steps" replace />} />
                <Route path="/set-up/:section?" element={<SetUpPage />} />
                <Route
                  path="*"
                  element={<p style={{ padding: 24 }}>There is no such page. Choose one above.</p>}
                />
              </Routes>
            </Suspense>
          </Shell>
        </BrowserRouter>
      </QueryClientProvider>
    </ConfigProvider>
  )
}
