/** Stefan–Boltzmann constant, W/(m²·K⁴), CODATA 2018. */
export const STEFAN_BOLTZMANN = 5.670374419e-8
/** 0 °C in K. */
export const ZERO_CELSIUS = 273.15
/** Gas constant of dry air, J/(kg·K), ASHRAE Fundamentals 2017, ch. 1. */
export const DRY_AIR_GAS_CONSTANT = 287.042
/** Ratio of the molar masses of water and dry air, ASHRAE Fundamentals 2017, ch. 1. */
export const WATER_TO_AIR_MASS = 0.621945
/** Standard atmosphere at sea level, Pa. */
export const STANDARD_PRESSURE = 101_325
/** Vapour permeability of still air, kg/(m·s·Pa), ISO 13788:2012, 3.1. */
export const AIR_VAPOUR_PERMEABILITY = 2e-10
/** Density of air at 20 °C, for ventilation heat flows, kg/m³. */
export const AIR_DENSITY = 1.204
/** Specific heat of dry air at constant pressure, J/(kg·K). @see ASHRAE Fundamentals 2017, ch. 1 */
export const AIR_SPECIFIC_HEAT = 1006
/** Specific heat of water, J/(kg·K). @see ASHRAE Fundamentals 2017, ch. 33 */
export const WATER_HEAT = 4186
/** Heat that melts ice, J/kg. @see ASHRAE Fundamentals 2017, ch. 33 */
export const ICE_MELTING = 333_550
/** Heat that water vapour of 0 °C gives when it becomes water, J/kg. @see ASHRAE Fundamentals 2017, ch. 1, eq. 30 */
export const VAPOUR_HEAT = 2.501e6
/** Gas constant of water vapour, J/(kg·K). @see ISO 13788:2012, 3.2 */
export const VAPOUR_GAS_CONSTANT = 461.5
