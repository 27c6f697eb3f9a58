package amberlens.core.pixels.raster;

/**
 * A mask of blue noise of 64 × 64 places, made by voids and clusters (R. Ulichney, <em>The void-and-cluster method for dither array
 * generation</em>, 1993); a test makes it again.
 */
final class BlueNoise {
    /** Pixels across and down. */
    static final int SIDE = 64;

    private static final String DIGITS = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+-";

    /** The order in which places become light, row by row, two digits each. */
    private static final String ORDER = """
            p7jREseyUgCUObb9G92yjubGMu4wDcuiSrorgyPCJsfTGDREh2Cp0xd1GvWSzhIjgdVlnZy+COS-i6EJR2ymMbcRIJqt0ABp9xWEeZqg8NnN10eKFglIVQrkZHpQPDAe
            9aSM3YmTLCz2gn8kq6SJKI0CojXVfG-EacBf7vtqX7-xw6b75bqIXvmE4fthMsk0w2P17SJVc1uPMR01ZoHCh62eWWQkheaNsjkKL8vpGTZaKi64Rju+IO19DZi-5AXj
            eJIkvLYc-bp0WYD-xVY-6FfsFZxXJHlZMyzxUqlGDmjCMUoCG-PzyeLyAheuST9nahFasaX5k74oWq9gmss-7DAowQ+bFb49IyRm2JboPwz-Uxoycg43hr9NR-xeG0tZ
            2doSPiBbdVQi5vjINqmjCYtmQN6xUL15r2d9IeyM6ISg2aXLuz+mceUA8QoL09DxqA4Yha1DO7HMqPC6P8fDUlNmlMZCocU0yFm2BA-rpuiYDHwFM2B7YkN+c5nBU7M4
            DphN6EyakEFhusJW1Udx-PWmilqVcqGMRN8jpgONbWsLIBfnCGkYIWhcvtYYJ7gDVYMDSzAYwV8Eg1aqzHIr14qxddKH22OFc96XWOfmIA4yal9okU08oNtpJnzq+kaC
            xCS2a4KbrN3ZbhVPpqRTITy1MhAn96wnj0D7XdhDAHmG5UyLS74XsA2gFWOp6tt7zLlh+7eIm7UwKAt0kw-KX1Ei7Us4Bzv1jNE4ukNeyuSEraJwXHSXGS3Sf+BujWqL
            7lH0l1+QUOMxhz9rE03vr5af4am6V5Ksa64Nts0j9LQ7K1aAphMBY1RCnidfkSCybSINriGOaW1wQv5QBdOxiHx-QMgsTZ+uZQKzoZ77YGmDFNxyg8uf-QakT06dQ4LN
            XN1itBFzZZy-A7wklUXghKD2vBPUe22PoMTOMHFuVywfib+AEWfQ7mBXzr-gUU4WPu1WXE7Gu-Dvo4WJb-vdoOHqbt0WmhHNqf0rTSiBCPdW23QC6MAxOWk+qeHEvhdl
            ACfZPdjM5To6RudnOSJN81TakT7nGXtKCM-ffMlHqncBGgs6VSzDkGucWDLtHKsTm+fWKpRhjkNl+VhS1ILh57Ve9ELrXo39OmeY5BIiv3+ULVpcZVfJsRKP0hYm4Mmb
            T+8wwsDNdDJ48grp2ln2ykc2LUzpZIioQ5xjYa5EJ17KPq11m3N3Hnbcp2g2xhY7A65mv7pe3aeRJArzF7SkeFCapDvREDh7sxAiaQngRMsCU5jnG41mV08CCfhdNJr0
            0LKcpjW5z8kfV+DiapF3QGs9BHotUR6GIQnkNtCmz3TrgvDCa346S99sD12oRf8+idUzG2aBB-VGxoZB8ol6s+3sjTQBcM68Sbxa8uMY1SbaExx79qQ2vGj8caSD7MGH
            ctiERI-JHdO04+xNjG-0Xp4Dg5+FNIwZbp3OhPt9duolxG-DJdqzfHwjNfl8clJQttNY-R0mnn7aO+jbAKytN-XuGs-1yVJumAG6Vxg9CtlO34enJyoDEnMEzXnjv5Xy
            3MB8uyZvmKtveqL3SlugKemeSBFdeOqYBiVC+TSAHlYCMvlJVf0-AZjEWx7gEooEztbwlDQpgzFcp35kTjcxJD1bfrUIqOY813cvpkwK-ZXWNMuLTycC5nX9-wDdK8kW
            PBnz6VFU1aT5A0pC6ofvCX0HaEt629KUlryQFOrI1-7wBmvIdIPy60K-r+ycPp5LW6DlsmJGXzvnbqLDtgiU9znAvHBFNKhgC+5cOgIoSorc53ASjY2csDRYgBtIVT8m
            HRUvdHMChL7raRzeHWYirH9cNoj-WP7zZ4NRc+k2P3g-aD4qF1nQt3ZsHJeCUQiALY7ketyH9MNF33Db05WwETPbao3+s37tR8uHjt0vfcFtmrZnwzN1D5mYIUyvb3q0
            hf2twlpwQqsQKWj7O63HTPhbH+wwDERq00sN89WXJeysrlOBhvznSY-5lY1+BswNpA1TTMBGn3Usjvd7QloH6sxtHAkpXFJEnwYbEM6ra8zCQD7hH7fC9uYw4jOiCd0T
            LSZOBP9WXnEdwu+ld4mvDUyXcY4hpzffHFiRAP2vnaEeUc+RKFXwCJgJNXrC9AZYHPOjlpbA3DFlqr+nwdJZcbT2gT9iQr0Sco9-MNUPoKKvh+WG06rQSqwSiFpE+jSV
            tF5KkOJkmy3jbxUyGIuW6jMaU3luPM-kwWT7MTuNYu5Nd6khv+2znx4uFkXbQ8kIdjty+2KggFu4OvZEA9iqr72ILapoBnu8Gdi7x5sJBW+0tcDKnfLKcKBBKGVZdzlm
            EOP+e1UDvDgiL9qF2ERvaGq585BCYXKCa5mw7Lc4PLqWIKR9D3bVPIuUcrzJJ06J2LF4XJzYSN7NIS2qTb6BOTDQwGZg6TfIVB3bP4gOXl2AdQRs8lhM4TzGsX5pGzyC
            WtoW-n0sDMRQ8TAJiWKRkmGweou118qd4CDyzFjhCT79zWml88rVJCTt9vmNssAOT-prhYCioQZ5k4e4yNnKaU-IVMjfOtm4LAplE66YI6l7M8x9YoGePTXUjxM-ax8L
            uXMVGAbPq44-Z2x0Va-Tvq3RRRLwjAGJgCR4XOJ3vQU6gYMZWQeV5jinDSM9gabZxHPk73unNv02EtstLcF-hJo8I+4IFXyr+SYHuKb4wcU-Eq5Ojdvjpx+aDk1xRciM
            31dPx4OKiIH5mfMosMc0CRX0oU0PVq+JOGtX8do33qbuE5up2iA1yWZXwU2+WV+gKkmncLI0fo-WWUQt8zXZutQS0JausbSwd0AzkgRd9Kone+rqByLxdLTUm9e-rEAa
            JMlB6WTXvoXG1dfkE85ROhhB8IFMc8nWywZhHGefQ9LJ-eoXRrkAO-FvndQyGkjj0aEB4LVNxIAqqT24eBzOEU7yfYCokn7CJhxv30MKF01NPF-8WC3JydHV7VKZzUVJ
            tSX6Elo28DCkRD9epRTnzduBKKSRwpBqLHht1uAsmCySiSZKI16qrJ8ve6t+5HqjSPY6sZiuOdmUbUItkRODp6UpLmwXWaOAp+ggUasoh3XtJTcHleQVhoYzu0QhcA+r
            OYhE1lKaaJlKtUIwZmjpG3avlssd4JW86vrtTi9msgVnDf1HuDdbW+HrUbK+anCNf1MQ9IF8zm6uSSvMDL5Jbliv1cn04zcXEG++aPC559nsvN0NFs6OskBV3dj3GCnp
            DY8yRnfOzfMreX35xsNT2r+XVODPixdsPamSIcadNC6hfBOOTcCAxWiG0z+8lgyq6iuonbTNZtJ5g39GYSszJR-oAgRUHstQ1BPomBzISKd+ABUYo5K7dmOopSWl6Axk
            bzktvzCFqs+3TBBhV6obFHdaOzy2Lz-zFf0VfwxwjwGV21pa+Dl+5yMOo9EvPKV9I3bmBUiD3WrWFny0PxlaThvUYsem8ViJXxGRuTJo86Nu4EiX9QYMx3-FEyehK3T8
            3gI2YQ6DVgGuwOke6UgWv9q+7Pm0aFpduwRi48CuUSvOZ9JJgVFRaLRguhY3hWsH2fQO-2woNjdNUtnMB32Qf7HDzjl0LQTYpU6ecsi+YTqkIMw4QbDAl9Tes11ri0rM
            QZuOmVNgiNcDpTPHZ1KqSnAUXfIb2FEFV4cuKBrT+9mcRGzaVsvw3ufbBN7xx2F6muelVto1Ec54uV+obDNE7dqcOr37ueC0yyNASxxqFG2kgoZ3sGe02uJra2Ph8GBe
            gN-3EZzy4VKO75yZGE901hjHxFfdP26PiP9ClRY0NceTAM7ip4OXHon-2GTFcINH4mD0z0KyYqhAQuKMj5tkELc6V7FLaz9XexkoBc-cm-PSU47AGpNZ8ZhyzlGywRZi
            qbVUdoR6nSAwWKepsWlFbyMp5rUWlktfNDBJwY0oHc4gtwLLiKcZ-jWnjaKQqp+YUfiitn7Elf1gGNylXX4nSOnG+zjKrjUuI94ksqWudcu2Cs0cnvwPW2Ako-UFldJa
            6mvAH3xZY2tG1AOcD4VKu6HeqmDWzTHpbsptQjViipnuaOTg0gC2seP5zSEwwClAHubYPWALTEsBcSokBRe90OHzwyLe0uO5ozZL1fH4MI78igKYb0j2QPtCde+f1KOy
            B9k6OE9hfuLWjz-CoG32RJ8BZReQ93SG3igb65Fj2sPP+EGmlC6NLuaa8reUR0ZJ2RpMy8ew+OMk5IVH94N0rDZyRagLAR7oiQDwRog6yipVZARW+1Dq1t5sL4FqbIh8
            4SZT1zpfEA5eSuHSZFhIB5zAkuN9n5XSxpJvZerseADjvrq2WZerw5loAmox5VN8Cw9HJmkaYdE9guJFuljmEb7TlS3rXPcwyGr3+HmiUVAt40sixiU8IzhGXqoPxuS3
            K6eaGnQ3XTuMccqEyILItjVpJL17BYrgFBkL-NNbybXMhCKx2bROH83lVEJ-xdh-uCW7RHxMsl3PmWzPQfYN16KVt5F+qRSeIPNBbnGi2CfPOJG1l3cpp9vJRP74DTsf
            9Bv4nqy4gl2-BT8aQF4iedpn-qhmbf7sQcvCUeBvoF6fQa8nB2pPZUuFgZ7qZ+FYnIeG6pCCUnNVa9C47-f8ooUEdrOQ-4z9ly5-v-QHsO8JWThw3XL+8tEfzud3lcWj
            ifADT4-YIFOPlbWHh4EjZ8O9FyTmubK4fx36a-1MieHBbrkrxffz+5FJOermSLz+Md20IIiTom-GwiTlrXL1A+9ZwhZWirCVeiWBEYiVZPJ8pGzQB4ZuS8kBN5Ig2XPV
            45cGMAkNZjr6z1IquunP6nv00imM5gYPnFGFqhLMR+tL0qMnXCJBS01jjcBxdT-tVcrwbKzKKmegFwkM5lcTzvjgFQ4HLPurQg3Bof99xLDOcOPG-swJfL6Cs2bdpvGL
            yfqSuv2OEg72SHcy+PLsUXAjf9JjRlCSy7PZ9Pee5CVjD+qU4btWmLbRx+52pZI8kqDBQY84WouAPt2mILW1PfsYS1n7Wz7Hq9JxdKNdT15itxj9VhHtncC80tTp9fYR
            RLIdWdezPEoYhOB+YD2hjUr9ZM3Gdt+xtEi5WkAVvumq+qd5ReBD8XMcG7V-PmwvgM5GwImFAb7BZGfXoVvT6wHTfS1RDrhkaYA20bllHZgG2MK0rS3-QmY4LEjFBrge
            mo+MCQ5hvmJi3oxnquQJHg9pN2w9piHLaMKl2nkxJbOsYjHjjJzBX8hTu3mta19SE2X4JXTzhlqZEp0KNPBth9ai95N7xBR1-AvEWs6RrnYZRbAQbNh1t-+Cxxqo5uMf
            0XagjBSymHZ0UjF9lEdOzkWLmzEKVVhu4dSWxcbQ8Wg42DoT7FKjrrQ03yCczzMmo+eHsn1ONk4RSUk1-mVFygnXKNX+qNGWlQKwgpO1C7+snVv88MFENWd8GZR7cVuS
            FTqvLpzZD86Zfa-iLBuJChgH38LZ8OOUsKCln6GGtiSsCLvWTkbBFx-OdAKThsU23cQE8PaIHOdhwxJqcNqqQKES0DjO5fb+2pUNp8xlbvzcMLfUTI0+oJV2kk2HI5UH
            4PW487dMouNOr1RA1XXe8hRysVb5lWzNc37bV8NN5PqQdJMq1JgfnrxAV3rR7YuGG8lnCxxgoA9lWftHFo4ZYf8KtOUCBQPNwgHa82GPS5jXHQ5oZ6Kdvc7JBLpL-lhH
            liA5wLRxHy0eizAXb6oRM0kQIDwAAuXiIlkF1vgKYOH9+-lTEN6kOCAGjoPvDubMzVgPWrMeihBoOLgjzokHMgf5IRdg+LsSgQZDmQd-3wtJWhlPsIDRiabbQQw3YhN6
            zsJ6f4sPYr9kVAwe5+GoxJ5DYn2TTA-9rBQTDgvZmdyzQ+Y+tVVIy6Zf8x1EnOTRJY+Nro5WTJ1Lpp71R5A8wbn83NQ1kPJc41Na1kDoPX91BS2YPn-BTx4GLFfAD9s5
            bC6zO83zlqDnePKLklS4gqC1PsfjneMXxPeW9TTdLnBMhq2NKSodfqH1r8Lqf34lpYPjcfGKuEecYtJKb15YUKaKD6xSXanoCeUovFqCYeflL5pHciypIGqHkD1y83Sp
            qliwVRGQyjN43AtTYL+dqaa080s0F23fY5FIpWae5FqD7pckEu9wQW4vcnVmErv2YyArx8lXLR-UEVvsk5q7Hf9yruLj6+0QdU--iOJ+0pkZyEVwFVhQX-wEFKVomRHU
            25CB9FohaXhXSFnmBjNG0ZHmyALiksU9hh5wJO0BfiWANht2TCj6vfCW0Ilv-6Nyjr7cSd3IWNitRZ6QMlfgyxO4iccjTKHIrAQIXDE37ORVHX8et14rM+9jQwczxmNU
            XcvXdqLduj-MIC4xvPeERKmxV1dp7QBIwDOIlzRXCrxYHxl50YXmMGp-SQIpsUdCz4IXf0q-CgxrovXY2UCIVLmg2BAAvYhiMMxK3tl-aVvydGmkSfCHnheksuAl7Rf-
            nLPO07TWCjXAkCb2FC7WjD3FDDuqR31nq1c-+puYji3xbO-aAygU8Yasi26LXrDVT9udM5bH8qOfeMFmtPbT7+IsXs+inHZx8RCDe7tYNrAd3TKXijZr1eIf4AYUqMIu
            +WDhik5qqKyYKh1GTvqwI4Yp-SpKMia+IhTsFPYVLTrGUGOnpbJf12ECxRNS1Poe9dkv4BGxmZ0fJl+Gi3P9pIxOgINxGay9RBpJJUTV+wogWgsE9+O2w+TGkJMwynUB
            cPtNYAH2ebQd8bnDM7amy5OwgAFpi48sm8yR3ehF8UEPfE5zw1cFQxspVdejHbghP6BlWbteRpZprUTwwrKr4KDXTfta3hVvjy55b81Ci9IYftx1E+cdqiCn-vgSEQ3E
            kyK57elxwtZqAEfyvl98CKtDTH2VvaWvDaeSNwtbSIzMk8GqWIjS6lmaGB+euxYx58w0dwis70Afgc5SE1dkk9Zd61oscmDGLOwmW-CvvSQR7IUZMj6altWpvKZ-opQz
            Fi0yUTOuFA2jrvVWGlkjd24QmpaSI-Qo5apsXhANn+ZbM63LrPCEL7ZS2ZQXkiKnpFFSNnyPJI3KPRnUWe0kRSvbHwL-kc-HqygkHi8fqBaTEInC1Qg0Jg4OPlHh7uxD
            YgfFuIo7-hjQL2690GQ-XILbE79Urd0liCJz-V04Ix7fvgdSRt+yyogXpmCZ0ET33VbX-LmIUrcQu9Lk-yrbBk9Dh0Sh2KX3PJ0FSmiLM13ke8t8YKDFS6zbdvscMPhR
            +KBa3nJpYJSCc7oBKDsr6cw8iyOVevBgUhvxa7kVTqhUC-ntJSuQUmGh8AXQdYswG5h5SjCbq803jsDIZwgtOlpXbFyKFDsvBKcJ4cnlVux6KJQs9txErKjVAW5ZlVSt
            oIOMbkhpEX1FuZC9Y9f6A-oaToy3X2n176PYFFrFL627XR8-aZkzeLORtRJtje92OZzRto4eYlGjQn6KwqIn44VbGf6Smme59Rv6LlFe-pA3q3iZGtdBNs7XUdarE-yh
            XB5dr-yBmX7jO3jl+I1oQAbE-+EE4tLft4fRzw6-diu7FrP7yTBO5xz7l23mRwAIn9ZzIVM3gx8SpNdZTDkbz5eNtlMWWiQLIHj4ZNtrgEaj66Wc28nyZ7Hkm11ps8J9
            gwGYSiLoVkbJImwHUiGcrxhZJPumjPatGUl4WyB1Q6owjL4Up1LXYESZEHbLvk6HVXfK9OnEyDU1Kf3UEhsyNpAT+vj+xU4pqJTT26Ok0wRzljMSu5Bw+hyUL0fpRF9V
            vVk30U+6AvrY5tdyo0MJ6y0MVzOHpySc1Z+tKExTZl1VH-VDf2wB-Xe3rhMzhVGrqX0nDtQUcEA4vimJYF8cbgpBSaI7ZkDJgr8FB0mOIErfEaz6UJgRPrW9re51B6Zc
            NzDsdRoqg+1sRkDezEYIk-EmdE2x8pAceDOaqGhn9bMtdF62PAEknTIZyJ7ZYB2WK9S+jq42rZ+ZhjP01YJ2i13pyOfhry1qKubitAXK+BcW50jZIv4FtukXF5chnR3Q
            sF6gW0PQHvYvj1Ko9YfVPew-m5H6YWxzlLWFveERTQmPApualNab3CUkimC3QelwtMawvvG+WRLgaHGbrOVrCqPgXkEz8iT6nYP-zii8LvxQPcW3pOayCz67Svw7IaUM
            beKtxb8Hr4wa47n4U+tzBE+cTLshhxMF56HY2Sbj4srL0RWM9JK2s7Oq97p5cU5XBZ-uNQfe2woi63wTes-dnJuR6bkdNLdXwMHH5MDzTug7AFtd+4NizgfNLG-7gm0d
            """;

    private BlueNoise() {}

    /** The order in which places become light, 0 … 4095, row by row. */
    static int[] ranks() {
        String digits = ORDER.replace("\n", "");
        int[] ranks = new int[SIDE * SIDE];
        for (int i = 0; i < ranks.length; i++) {
            ranks[i] =
                    DIGITS.length() * DIGITS.indexOf(digits.charAt(2 * i)) + DIGITS.indexOf(digits.charAt(2 * i + 1));
        }
        return ranks;
    }
}
