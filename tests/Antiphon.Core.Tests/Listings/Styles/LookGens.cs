using Antiphon.Core.Listings.Styles.Colours;
using CsCheck;

namespace Antiphon.Core.Tests.Listings.Styles;

internal static class LookGens
{
    public static Gen<Colour> Colours { get; } =
        Gen.Select(Gen.Byte, Gen.Byte, Gen.Byte, (red, green, blue) => new Colour(red, green, blue));
}
