namespace JollyBarn.Web.Labels;

/// <summary>What a label is printed by.</summary>
internal interface ILabelPrinter
{
    /// <summary>Prints one label.</summary>
    /// <param name="name">What it is for.</param>
    void Print(string name, LabelPicture label);
}

/// <summary>A label that came out of the printer.</summary>
/// <param name="At">When, ISO 8601, UTC.</param>
public sealed record PrintedLabel(int Number, string Name, string At, double WidthMm, double HeightMm);

/// <summary>A label printer that ships with the program: labels come out into a tray, as pictures. It holds so many; the oldest fall out,
/// and all when the program ends.</summary>
internal sealed class LabelTray(TimeProvider clock) : ILabelPrinter
{
    private const int Holds = 200;

    private readonly Lock sync = new();
    private readonly Queue<(PrintedLabel Label, string Svg)> tray = new();
    private int number;

    public void Print(string name, LabelPicture label)
    {
        lock (sync)
        {
            var at = clock.GetUtcNow().UtcDateTime.ToString("O", System.Globalization.CultureInfo.InvariantCulture);
            tray.Enqueue((new(++number, name, at, label.WidthMm, label.HeightMm), label.Svg));
            while (tray.Count > Holds)
            {
                tray.Dequeue();
            }
        }
    }

    /// <summary>Newest first.</summary>
    public IReadOnlyList<PrintedLabel> Lies()
    {
        lock (sync)
        {
            return [.. tray.Select(t => t.Label).Reverse()];
        }
    }

    public string? Picture(int label)
    {
        lock (sync)
        {
            return tray.FirstOrDefault(t => t.Label.Number == label).Svg;
        }
    }

    public void Empty()
    {
        lock (sync)
        {
            tray.Clear();
        }
    }
}
