declare module "psychrolib" {
  const psychrolib: {
    SI: number
    SetUnitSystem: (system: number) => void
    GetVapPresFromRelHum: (temperature: number, relativeHumidity: number) => number
    GetHumRatioFromVapPres: (vapourPressure: number, pressure: number) => number
    GetMoistAirDensity: (temperature: number, humidityRatio: number, pressure: number) => number
    GetMoistAirEnthalpy: (temperature: number, humidityRatio: number) => number
    GetTDewPointFromVapPres: (temperature: number, vapourPressure: number) => number
  }
  export default psychrolib
}
