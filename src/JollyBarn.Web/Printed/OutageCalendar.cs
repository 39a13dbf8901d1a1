using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using JollyBarn.Telling.Making;

namespace JollyBarn.Web.Printed;

/// <summary>An outage as a calendar, RFC 5545: one entry for each breaker that is off, one for who works where.</summary>
internal static class OutageCalendar
{
    public static string Of(ToldOutage outage)
    {
        var calendar = new Calendar { ProductId = "-//Jolly Barn//Outage//EN" };
        foreach (var dark in outage.Dark)
        {
            Add(
                calendar,
                $"off-{dark.Key.Replace('/', '-')}",
                dark.From,
                dark.Until,
                $"{dark.Breaker} off",
                string.Join(", ", dark.Rooms),
                outage.Job
            );
        }

        foreach (var (slot, i) in outage.Slots.Select((s, i) => (s, i)))
        {
            Add(
                calendar,
                $"work-{i}",
                slot.From,
                slot.Until,
                $"{slot.Name}: {slot.ChangeName}",
                $"Hand {slot.Hand}",
                slot.Place ?? outage.Job
            );
        }

        return new CalendarSerializer().SerializeToString(calendar) ?? "";
    }

    private static void Add(Calendar calendar, string id, string from, string until, string what, string says, string where) =>
        calendar.Events.Add(
            new CalendarEvent
            {
                Uid = $"{id}-{from.Replace(":", "", StringComparison.Ordinal)}@jolly-barn",
                Summary = what,
                Description = says,
                Location = where,
                DtStart = Time(from),
                DtEnd = Time(until),
            }
        );

    private static CalDateTime Time(string at) =>
        new(DateTimeOffset.Parse(at, System.Globalization.CultureInfo.InvariantCulture).UtcDateTime, "UTC");
}
