import { EnterForm } from "../../ui/enter-form"

export default function Page() {
  return <EnterForm />
}
