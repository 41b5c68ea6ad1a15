"use client"
import { fieldsOf } from "../fields/fields-of"

/** Where weather is of. */
export interface PlaceAnswers {
  name: string
  /** degrees */
  latitude: number
  longitude: number
}

/** Name and place of weather; degrees are typed as numbers. */
export function PlaceFields({ place, onChange }: { place: PlaceAnswers; onChange: (place: PlaceAnswers) => void }) {
  const fields = fieldsOf(place, (part) => {
    onChange({ ...place, ...part })
    return null
  })
  return (
    <>
      {fields.text("name", "What the place is called")}
      {fields.number("latitude", "Latitude, degrees (south is negative)")}
      {fields.number("longitude", "Longitude, degrees (west is negative)")}
    </>
  )
}
