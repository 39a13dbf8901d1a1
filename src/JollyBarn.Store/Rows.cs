namespace JollyBarn.Store;

/// <summary>A job in lists: everything here can be made again from its log.</summary>
public sealed class JobRow
{
    public required string Id { get; init; }

    public required string Name { get; set; }

    public long Version { get; set; }

    public required string Created { get; init; }

    public required string Changed { get; set; }

    /// <summary>When it was put in the bin; null while it is not.</summary>
    public string? Binned { get; set; }

    /// <summary>Version the rows of its boxes are made from; behind <see cref="Version"/> while they are being made.</summary>
    public long Projected { get; set; }

    /// <summary>Which way of making them they were made by.</summary>
    public int ProjectedBy { get; set; }

    /// <summary>True for a job made to learn by: it stands in no list.</summary>
    public bool Exercise { get; init; }

    /// <summary>Checks the fields above, lists apart; empty in a file of an older program until it is brought up.</summary>
    public string Sum { get; set; } = "";

    /// <summary>What <see cref="Sum"/> must be.</summary>
    internal string Summed => Sums.Of(Id, Name, Sums.Text(Version), Created, Changed, Binned);
}

/// <summary>One edit of a job's log. Rows are added, never changed or removed while the job lives.</summary>
public sealed class EditRow
{
    public long Id { get; init; }

    public required string JobId { get; init; }

    /// <summary>Version of the job after this edit; the first is 1.</summary>
    public long Version { get; init; }

    public required string EditId { get; init; }

    public required string By { get; init; }

    public required string At { get; init; }

    /// <summary>The sentence it reads as in history.</summary>
    public required string Says { get; init; }

    public required string Json { get; init; }

    /// <summary>What it was sent as, by <see cref="Sums"/>; empty where it was taken in with a file.</summary>
    public string Asked { get; init; } = "";

    /// <summary>Ids of the boxes it is an edit of, with spaces between them.</summary>
    public string Boxes { get; set; } = "";

    /// <summary>Id of the edit it undoes or redoes; null of any other.</summary>
    public string? Restores { get; set; }

    /// <summary>True when it redoes that.</summary>
    public bool Again { get; set; }

    /// <summary>What it changed: cells as JSON, compressed; empty in a file of an older program until it is brought up.</summary>
    public byte[] Cells { get; set; } = [];

    /// <summary>Checks the line and all lines before it: the sum of the one before is part of it. Empty like <see cref="Cells"/>.</summary>
    public string Sum { get; set; } = "";
}

/// <summary>A whole job at a version, compressed. Version 0 is what the log begins from.</summary>
public sealed class SnapshotRow
{
    public long Id { get; init; }

    public required string JobId { get; init; }

    public long Version { get; init; }

    public required byte[] Bytes { get; init; }

    /// <summary>Checks the bytes; empty in a file of an older program.</summary>
    public string Sum { get; init; } = "";
}

/// <summary>A box in lists.</summary>
public sealed class BoxRow
{
    public required string JobId { get; init; }

    public required string BoxId { get; init; }

    public required string Name { get; set; }

    public string? Place { get; set; }

    public required string Fit { get; set; }

    /// <summary>Least needed, in³.</summary>
    public decimal Needed { get; set; }

    /// <summary>Least available, in³.</summary>
    public decimal Available { get; set; }

    /// <summary>Verdicts of each kind.</summary>
    public int Stop { get; set; }

    public int Fix { get; set; }

    public int Measure { get; set; }

    public int Better { get; set; }

    /// <summary>Checks the fields above.</summary>
    public string Sum { get; set; } = "";

    /// <summary>What <see cref="Sum"/> must be.</summary>
    internal string Summed =>
        Sums.Of(
            JobId,
            BoxId,
            Name,
            Place,
            Fit,
            Sums.Text(Needed),
            Sums.Text(Available),
            Sums.Text(Stop),
            Sums.Text(Fix),
            Sums.Text(Measure),
            Sums.Text(Better)
        );
}

/// <summary>The bytes of a picture, kept once under their hash.</summary>
public sealed class PhotoRow
{
    public required string JobId { get; init; }

    /// <summary>SHA-256 of the bytes, hexadecimal.</summary>
    public required string Sha { get; init; }

    public required byte[] Bytes { get; init; }
}
