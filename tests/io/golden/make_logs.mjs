// Makes the golden logs of tst_log_formats with encoders that are not ours: node-mavlink 2.3.0 and gpx-builder from the
// npm registry. Run once by hand, with both installed beside it:  node make_logs.mjs
// Ten seconds at two rows a second, north-east of an invented field, everything a round number.
import { writeFileSync } from 'fs'
import { MavLinkProtocolV1, MavLinkProtocolV2, common, minimal } from 'node-mavlink'
import gpxBuilder from 'gpx-builder'

const start_ms = Date.UTC(2026, 3, 11, 9, 2, 0)
const rows = [...Array(20).keys()].map(i => ({
  ms: start_ms + 500 * i, lat: 39.4 + 1e-5 * i, lon: -31.36 + 2e-5 * i, height: 50 + i,
  north: 2.22, east: 3.44, volts: 16.8 - 0.01 * i, amps: 5 + 0.1 * i, mah: 2 * i, airspeed: 14.5, heading: 57,
  satellites: 13, throttle: 42, climb: 1.5 }))

function records(protocol, sequence = { n: 0 }) {
  const parts = []
  const add = (ms, message) => {
    const stamp = Buffer.alloc(8)
    stamp.writeBigUInt64BE(BigInt(ms) * 1000n)
    parts.push(stamp, protocol.serialize(message, sequence.n++ & 255))
  }
  for (const r of rows) {
    const heartbeat = new minimal.Heartbeat()
    heartbeat.type = 1
    add(r.ms, heartbeat)
    const status = new common.SysStatus()
    status.voltageBattery = Math.round(r.volts * 1000)
    status.currentBattery = Math.round(r.amps * 100)
    status.batteryRemaining = 80
    add(r.ms, status)
    const battery = new common.BatteryStatus()
    battery.currentConsumed = r.mah
    battery.energyConsumed = -1
    battery.temperature = 32767
    battery.voltages = Array(10).fill(65535)
    battery.currentBattery = Math.round(r.amps * 100)
    battery.batteryRemaining = 80
    add(r.ms, battery)
    const hud = new common.VfrHud()
    hud.airspeed = r.airspeed; hud.groundspeed = 4.09; hud.alt = r.height; hud.climb = r.climb
    hud.heading = r.heading; hud.throttle = r.throttle
    add(r.ms, hud)
    const wind = new common.WindCov()
    wind.timeUsec = BigInt(r.ms) * 1000n
    wind.windX = 1.5; wind.windY = 3.0; wind.windZ = 0
    wind.varHoriz = wind.varVert = wind.windAlt = wind.horizAccuracy = wind.vertAccuracy = 0
    add(r.ms, wind)
    const raw = new common.GpsRawInt()
    raw.timeUsec = BigInt(r.ms) * 1000n
    raw.fixType = 3; raw.lat = Math.round(r.lat * 1e7); raw.lon = Math.round(r.lon * 1e7); raw.alt = r.height * 1000
    raw.eph = 90; raw.epv = 120; raw.vel = 409; raw.cog = 5717; raw.satellitesVisible = r.satellites
    add(r.ms, raw)
    const place = new common.GlobalPositionInt()
    place.timeBootMs = r.ms - start_ms
    place.lat = Math.round(r.lat * 1e7); place.lon = Math.round(r.lon * 1e7)
    place.alt = (r.height + 300) * 1000; place.relativeAlt = r.height * 1000
    place.vx = Math.round(r.north * 100); place.vy = Math.round(r.east * 100); place.vz = 0; place.hdg = r.heading * 100
    add(r.ms, place)
  }
  return Buffer.concat(parts)
}

writeFileSync('made_v2.tlog', records(new MavLinkProtocolV2()))
writeFileSync('made_v1.tlog', records(new MavLinkProtocolV1()))

const { buildGPX, BaseBuilder } = gpxBuilder
const { Point, Segment, Track } = BaseBuilder.MODELS
const points = rows.map(r => new Point(r.lat, r.lon, {
  ele: r.height, time: new Date(r.ms), sat: r.satellites,
  extensions: { 'f:telemetry': { 'f:voltage_v': r.volts.toFixed(2), 'f:current_a': r.amps.toFixed(1),
                                 'f:used_mah': r.mah, 'f:mood': 'calm' } } }))
const builder = new BaseBuilder()
builder.setTracks([new Track([new Segment(points)], { name: 'made' })])
writeFileSync('made.gpx', buildGPX(builder.toObject()))
